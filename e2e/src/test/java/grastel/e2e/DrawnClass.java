package grastel.e2e;

import grastel.app.classes.CalendarData;
import grastel.app.classes.Classes;
import grastel.app.kit.Kit;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;

/** A class with a printed pressure scale, and its pages as the scanner would give them. */
final class DrawnClass {
    private DrawnClass() {}

    /** Lays 1.jpg, 2.jpg, … into a folder. @return the run that was printed */
    static UUID into(Path folder, RunningGrastel grastel, SignedIn teacher, int students) {
        return Ownership.as(teacher.id(), () -> {
            Printings printings = grastel.bean(Printings.class);
            UUID run = print(grastel, students);
            printings
                    .pages(run)
                    .forEach(page -> draw(printings.printed(page.id()), folder.resolve(page.number() + ".jpg")));
            return run;
        });
    }

    private static UUID print(RunningGrastel grastel, int students) {
        Kit kit = grastel.bean(Kit.class);
        UUID schoolClass = grastel.bean(Classes.class)
                .create(
                        "8 Dunlin",
                        GradeBand.DEVELOPING,
                        IntStream.rangeClosed(1, students)
                                .mapToObj(i -> "Student " + i)
                                .toList(),
                        CalendarData.NONE)
                .id();
        UUID sheet = grastel.bean(Sheets.class)
                .create(
                        null,
                        SheetData.of(
                                kit.papers().get(1).id(),
                                PressureScale.ID,
                                Map.of(
                                        "pencil",
                                        ValueData.of(kit.pencils().get(6).id()))))
                .id();
        return grastel.bean(Printings.class).print(sheet, schoolClass).id();
    }

    private static void draw(Printings.PrintedSheet sheet, Path file) {
        List<FieldTask> tasks = FieldTask.of(sheet.plan(), sheet.layout());
        ScanConditions conditions = new ScanConditions(200, 1, 0, 0, 0.05, 0, 1, 0.85, 0, 4);
        byte[] jpeg = new SimulatedScanner(sheet.paper())
                .scan(
                        sheet.layout(),
                        tasks,
                        sheet.plan().palette(),
                        Hand.EXACT,
                        conditions,
                        sheet.page().number())
                .jpeg();
        try {
            Files.write(file, jpeg);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
