package grastel.app.progress.reports;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.platform.paper.PdfCanvas;
import grastel.app.platform.paper.PdfPages;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.planning.Skill;
import grastel.core.progress.Grouping;
import grastel.core.progress.Grouping.Group;
import grastel.core.progress.Readiness;
import grastel.core.progress.StudentRecord;
import grastel.core.words.Words;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** One page on a class for its teacher: how it spreads in each skill, what it is ready for, who is taught what together. */
final class ClassReport {
    private static final double[] COLUMNS = {PdfPages.LEFT, PdfPages.LEFT + 62, PdfPages.LEFT + 118, PdfPages.LEFT + 148
    };
    private static final double LINE = 6;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Words.locale());

    private ClassReport() {}

    /** @param records of those who have something confirmed */
    static byte[] pdf(ClassInfo of, LocalDate day, Map<UUID, StudentRecord> records) {
        PdfPages pages = new PdfPages(PageSize.A4);
        pages.title(
                of.name(),
                say(
                        "paper.coloured-pencil-of-students",
                        DAY.format(day),
                        records.size(),
                        of.students().size()));
        pages.heading(say("paper.skills-in-the-order"));
        pages.row(
                List.of("", say("paper.students-at-level-0"), "secure", say("paper.ready-for-what-builds")),
                COLUMNS,
                Weight.BOLD);
        Readiness.of(records.values())
                .forEach((skill, spread) ->
                        pages.draw(LINE, (canvas, y) -> skill(canvas, y, skill, spread, of.readyShare())));
        List<Group> groups = Grouping.of(records, Set.of());
        Map<UUID, String> names = of.names();
        pages.list(
                say("paper.groups"), groups.stream().map(g -> group(g, names)).toList());
        return pages.document(of.name());
    }

    private static void skill(PdfCanvas canvas, double y, Skill skill, Readiness readiness, double enough) {
        double base = y + 3.6;
        canvas.text(COLUMNS[0], base, 3.2, Weight.REGULAR, ReportWords.can(skill));
        IntStream.range(0, readiness.reached().size()).forEach(level -> {
            double grey = 1 - level / (readiness.reached().size() - 0.5);
            double x = COLUMNS[1] + level * 10;
            canvas.fill(new Rect(x, y + 0.6, 3.4, 3.4), grey, grey, grey);
            canvas.text(
                    x + 4.2,
                    base,
                    3.2,
                    Weight.REGULAR,
                    String.valueOf(readiness.reached().get(level)));
        });
        canvas.text(COLUMNS[2], base, 3.2, Weight.REGULAR, say("paper.of-2", readiness.secure(), readiness.tried()));
        canvas.text(COLUMNS[3], base, 3.2, Weight.REGULAR, readiness.isReady(enough) ? "yes" : say("paper.not-yet"));
    }

    private static String group(Group group, Map<UUID, String> names) {
        String fault = group.fault().cause() == null
                ? ""
                : ": " + group.fault().cause().sign();
        return say(
                "paper.to-2",
                ReportWords.can(group.fault().skill()),
                fault,
                group.students().stream().map(names::get).collect(Collectors.joining(", ")));
    }
}
