package grastel.app.course.paper;

import static grastel.core.words.Words.say;

import grastel.app.course.CourseViews.LaneView;
import grastel.app.course.CourseViews.LessonView;
import grastel.app.course.CourseViews.StageView;
import grastel.app.course.CourseViews.WantView;
import grastel.app.platform.paper.PdfCanvas;
import grastel.app.platform.paper.PdfPages;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.goal.Ladder;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What a teacher holds in the hand during a lesson. */
public final class LessonPlan {
    private static final double[] STAGES = {PdfPages.LEFT, PdfPages.LEFT + 76, PdfPages.LEFT + 96, PdfPages.LEFT + 118};
    private static final double[] GOALS = {PdfPages.LEFT, PdfPages.LEFT + 60, PdfPages.LEFT + 124, PdfPages.LEFT + 148};
    private static final double CHIP = 4;
    private static final double A_PENCIL = 58;
    private static final int PENCILS_A_LINE = 3;

    private final LaneView lane;
    private final LessonView lesson;
    private final GradeBand band;
    private final PdfPages pages = new PdfPages(PageSize.A4);

    private LessonPlan(LaneView lane, LessonView lesson, GradeBand band) {
        this.lane = lane;
        this.lesson = lesson;
        this.band = band;
    }

    /** @param exercises of the lesson's sheets, in order */
    public static byte[] pdf(LaneView lane, LessonView lesson, List<ExercisePlan> exercises, GradeBand band) {
        LessonPlan plan = new LessonPlan(lane, lesson, band);
        plan.head();
        plan.putOut();
        plan.stages();
        exercises.forEach(plan::exercise);
        plan.pages.list(
                say("paper.mind"),
                lesson.cautions().isEmpty() ? List.of(say("paper.rest-hand-and-eyes-half")) : lesson.cautions());
        return plan.pages.document(lesson.title());
    }

    private void head() {
        int number = lane.lessons().indexOf(lesson) + 1;
        pages.title(
                lesson.title(),
                say(
                        "paper.lesson-of-students-for",
                        lane.name(),
                        number,
                        lane.lessons().size(),
                        lane.students(),
                        PaperWords.minutes(lesson.minutes())));
        List<String> meetings = lane.periods().stream()
                .filter(p ->
                        p.pieces().stream().anyMatch(piece -> piece.lesson().equals(lesson.id())))
                .map(p -> PaperWords.meeting(p.starts()) + (p.place().isBlank() ? "" : ", " + p.place()))
                .toList();
        if (!meetings.isEmpty()) {
            pages.text(String.join("; ", meetings));
        }
        pages.list(say("paper.aim"), lesson.aim().isBlank() ? List.of() : List.of(lesson.aim()));
        List<String> skills = new ArrayList<>();
        lesson.needs()
                .forEach(n -> skills.add(say(
                        "paper.needs",
                        PaperWords.skills(n.anyOf().stream().map(s -> s.skill()).toList(), " or "))));
        if (!lesson.gives().isEmpty()) {
            skills.add(say(
                    "paper.gives",
                    PaperWords.skills(
                            lesson.gives().stream().map(s -> s.skill()).toList(), ", ")));
        }
        pages.list(say("paper.skills"), skills.isEmpty() ? List.of() : List.of(String.join("; ", skills)));
        pages.list(say("paper.notes"), lesson.notes().isBlank() ? List.of() : List.of(lesson.notes()));
    }

    private void putOut() {
        pages.heading(say("paper.put-out"));
        List<WantView> wants = lesson.wants();
        for (int i = 0; i < wants.size(); i += PENCILS_A_LINE) {
            List<WantView> line = wants.subList(i, Math.min(wants.size(), i + PENCILS_A_LINE));
            pages.draw(CHIP + 2, (canvas, y) -> pencils(canvas, y, line));
        }
        pages.text(say("paper.sharpeners-a-sheet-for", lane.students()));
    }

    private void pencils(PdfCanvas canvas, double y, List<WantView> line) {
        for (int i = 0; i < line.size(); i++) {
            WantView want = line.get(i);
            double x = PdfPages.LEFT + i * A_PENCIL;
            chip(canvas, new Rect(x, y, CHIP, CHIP), want.colour());
            boolean isShort = want.copies() != null && want.copies() < lane.students();
            String count = isShort ? say("paper.for", want.copies(), lane.students()) : String.valueOf(lane.students());
            canvas.text(x + CHIP + 1.5, y + 3.2, 3.2, Weight.REGULAR, want.code() + " " + want.name() + " × " + count);
        }
    }

    /** A square of a colour. @param hex #rrggbb */
    static void chip(PdfCanvas canvas, Rect at, String hex) {
        int rgb = Integer.parseInt(hex.substring(1), 16);
        canvas.fill(at, (rgb >> 16) / 255.0, (rgb >> 8 & 255) / 255.0, (rgb & 255) / 255.0);
    }

    private void stages() {
        pages.heading(say("paper.in-order"));
        pages.row(List.of(say("paper.stage"), "min", say("paper.of-half"), say("paper.then")), STAGES, Weight.BOLD);
        String exercise = "";
        for (StageView stage : lesson.stages()) {
            if (!stage.exercise().isEmpty() && !stage.exercise().equals(exercise)) {
                exercise = stage.exercise();
                pages.row(List.of(exercise, "", "", ""), STAGES, Weight.BOLD);
            }
            pages.row(
                    List.of(
                            PaperWords.stage(stage),
                            number(stage.minutes()),
                            number(stage.median()),
                            PaperWords.stop(stage.stop())),
                    STAGES,
                    Weight.REGULAR);
        }
    }

    private void exercise(ExercisePlan e) {
        pages.list(say("paper.show-and-say", e.title()), e.notes());
        pages.list(say("paper.students-do"), e.steps());
        pages.list(
                say("paper.watch-for"),
                e.faults().stream().map(f -> f.sign() + ": " + f.say()).toList());
        pages.heading(say("paper.marking"));
        pages.row(
                List.of(say("paper.goal"), say("paper.figure"), say("paper.3-secure"), say("paper.4-beyond")),
                GOALS,
                Weight.BOLD);
        e.goals().forEach(this::goal);
    }

    private void goal(GoalPlan goal) {
        Ladder held = goal.ladder(band);
        String sign = held.nearly() < held.beyond() ? "≥ " : "≤ ";
        pages.row(
                List.of(
                        goal.goal().label(),
                        goal.goal().figure() + ", " + goal.goal().unit(),
                        sign + number(held.secure()),
                        sign + number(held.beyond())),
                GOALS,
                Weight.REGULAR);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value + 0.0);
    }
}
