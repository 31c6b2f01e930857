package grastel.app.returns.feedback;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.platform.ApiProblem;
import grastel.app.returns.Crops;
import grastel.app.returns.page.GoalMark;
import grastel.app.returns.page.PageLine;
import grastel.app.returns.page.PageRows;
import grastel.app.returns.page.ReturnedPage;
import grastel.app.returns.page.ReturnedPages;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.api.RunInfo;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.Ladder;
import grastel.core.judging.Agreement;
import grastel.core.judging.Level;
import grastel.core.reading.fields.FieldReading;
import java.awt.image.BufferedImage;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What confirmed marks are good for afterwards: slips for students, and how far the teacher and the proposals agree. */
@Service
@Transactional(readOnly = true)
class Feedback {
    private final PageRows rows;
    private final ReturnedPages pages;
    private final Crops crops;
    private final Printings printings;
    private final Classes classes;

    Feedback(PageRows rows, ReturnedPages pages, Crops crops, Printings printings, Classes classes) {
        this.rows = rows;
        this.pages = pages;
        this.crops = crops;
        this.printings = printings;
        this.classes = classes;
    }

    /** Slips of every confirmed page of a run, by name. */
    byte[] slips(UUID run) {
        RunInfo info = printings.run(run);
        ClassInfo to = classes.one(info.schoolClass());
        Map<UUID, Integer> numbers =
                printings.pages(run).stream().collect(Collectors.toMap(PageInfo::id, PageInfo::number));
        Map<UUID, String> names = to.names();
        LocalDate day = LocalDate.ofInstant(info.printedAt(), ZoneId.systemDefault());
        String under = to.name() + " · " + info.title() + " · " + day;
        List<UUID> confirmed = rows.ofRun(run).stream()
                .filter(PageLine::confirmed)
                .map(PageLine::id)
                .toList();
        List<FeedbackSlips.Slip> slips = pages.findAllById(confirmed).stream()
                .map(p -> {
                    String name = to.namesHidden()
                            ? "Page " + numbers.get(p.printedPage())
                            : names.getOrDefault(
                                    Require.present(p.whose(), "whose it is").student(), "");
                    return slip(p, name, under);
                })
                .sorted(Comparator.comparing(FeedbackSlips.Slip::name))
                .toList();
        if (slips.isEmpty()) {
            throw ApiProblem.conflict("NOTHING_CONFIRMED", say("problem.no-page-of-this"));
        }
        return FeedbackSlips.pdf(info.title() + ", feedback", slips);
    }

    private FeedbackSlips.Slip slip(ReturnedPage page, String name, String under) {
        List<BufferedImage> drawn = rows.reading(page).fields().stream()
                .filter(f -> !f.blank())
                .map(FieldReading::field)
                .map(field -> crops.of(page.id(), field))
                .toList();
        Optional<GoalMark> best = page.marks().stream()
                .filter(m -> given(m).compareTo(Level.SECURE) >= 0)
                .max(Comparator.comparing(Feedback::given));
        Optional<GoalMark> weakest = page.marks().stream()
                .filter(m -> m.cause() != null && given(m).compareTo(Level.SECURE) < 0)
                .min(Comparator.comparing(Feedback::given));
        return new FeedbackSlips.Slip(
                name,
                under,
                drawn,
                page.marks().stream()
                        .map(m -> new FeedbackSlips.Reached(m.goal().label(), given(m)))
                        .toList(),
                best.map(m -> m.goal().praise()).orElse(""),
                weakest.map(Feedback::next).orElseGet(() -> stretch(page)),
                page.note());
    }

    /** What to do next, in the box where it was seen. */
    private static String next(GoalMark mark) {
        String next = Require.present(mark.cause(), "the cause of a goal below secure")
                .next();
        return mark.field() == null ? next : say("paper.slip-in-box", mark.field(), next);
    }

    /** For one who is secure in all of it; empty where something is below, or nothing was tried. */
    private static String stretch(ReturnedPage page) {
        if (page.marks().isEmpty() || page.marks().stream().anyMatch(m -> given(m).compareTo(Level.SECURE) < 0)) {
            return "";
        }
        return page.marks().stream()
                .filter(m -> given(m) == Level.SECURE)
                .findFirst()
                .map(m -> say("paper.slip-aim-beyond", m.goal().label().toLowerCase(Locale.ROOT)))
                .orElse(say("paper.slip-all-beyond"));
    }

    private static Level given(GoalMark mark) {
        return Require.present(mark.level(), "the level of a confirmed page");
    }

    /** Over all printings of a class, or of all classes. */
    List<Agreement> agreement(Optional<UUID> schoolClass) {
        return Agreement.of(schoolClass.map(pages::decided).orElseGet(pages::decided).stream()
                .map(d -> new Agreement.Decision(
                        d.goal(),
                        d.figure(),
                        new Ladder(d.nearly(), d.secure(), d.beyond()),
                        d.factor(),
                        d.proposed(),
                        d.level()))
                .toList());
    }
}
