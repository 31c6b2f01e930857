package grastel.app.demo;

import grastel.app.account.Accounts;
import grastel.app.classes.CalendarData;
import grastel.app.classes.CalendarData.SlotData;
import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.kit.Kit;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.SheetData;
import grastel.app.sheets.SheetData.ValueData;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.SheetInfo;
import grastel.core.exercise.GradeBand;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Profile;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Makes the demo world on the first start of the demo: teacher, classes, sheets, and one class's sheets back and marked. */
@Component
@Profile("demo")
class DemoWorld {
    private static final Logger LOG = LoggerFactory.getLogger(DemoWorld.class);
    private static final List<DayOfWeek> SCHOOL_DAYS =
            List.of(DayOfWeek.MONDAY, DayOfWeek.TUESDAY, DayOfWeek.WEDNESDAY, DayOfWeek.THURSDAY, DayOfWeek.FRIDAY);

    private final Accounts accounts;
    private final Classes classes;
    private final Kit kit;
    private final Sheets sheets;
    private final DemoTeacher teacher;
    private final DemoReturns demoReturns;

    DemoWorld(
            Accounts accounts, Classes classes, Kit kit, Sheets sheets, DemoTeacher teacher, DemoReturns demoReturns) {
        this.accounts = accounts;
        this.classes = classes;
        this.kit = kit;
        this.sheets = sheets;
        this.teacher = teacher;
        this.demoReturns = demoReturns;
    }

    @EventListener
    void prepare(ApplicationReadyEvent ready) {
        if (!accounts.isFirstStart()) {
            return;
        }
        SignedIn made = accounts.first(teacher.name(), teacher.displayName(), teacher.password());
        Ownership.as(made.id(), () -> {
            fill(made);
            return null;
        });
        LOG.info("Demo world made");
    }

    private void fill(SignedIn owner) {
        classes.create("7 Kittiwake", GradeBand.FIRST_STEPS, DemoNames.KITTIWAKE, everyDay(LocalTime.of(9, 10)));
        ClassInfo dunlin =
                classes.create("8 Dunlin", GradeBand.DEVELOPING, DemoNames.DUNLIN, everyDay(LocalTime.of(11, 5)));
        ClassInfo avocet =
                classes.create("10 Avocet", GradeBand.ADVANCED, DemoNames.AVOCET, everyDay(LocalTime.of(13, 40)));
        SheetInfo red = sheet("S07", 7);
        SheetInfo blue = sheet("S16", 5);
        sheets.print(red.id(), dunlin.id());
        Sheets.RunInfo returned = sheets.print(blue.id(), avocet.id());
        demoReturns.bringBackAndConfirm(owner, returned.id());
    }

    private SheetInfo sheet(String pencilCode, int steps) {
        Kit.KitPencil pencil = kit.pencils().stream()
                .filter(p -> p.pencil().code().equals(pencilCode))
                .findFirst()
                .orElseThrow();
        Kit.KitPaper paper = kit.papers().stream()
                .filter(p -> p.paper().name().equals("Harbour Cartridge"))
                .findFirst()
                .orElseThrow();
        return sheets.create(
                null,
                SheetData.of(
                        paper.id(),
                        "pressure-scale",
                        Map.of("pencil", ValueData.of(pencil.id()), "steps", ValueData.of(steps))));
    }

    /** The demo is looked at on any day, so its classes meet every school day. */
    private static CalendarData everyDay(LocalTime starts) {
        return CalendarData.of(SCHOOL_DAYS.stream()
                .map(day -> new SlotData(day, starts, 50, "", null))
                .toList());
    }
}
