package grastel.app.sheets.back;

import static grastel.core.words.Words.say;

import grastel.app.platform.paper.PdfCanvas;
import grastel.core.exemplar.Exemplars.Exemplar;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.judging.Level;
import grastel.core.page.FittedLine;
import grastel.core.page.PageFurniture;
import grastel.core.page.PageLayout;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The back of one page of a sheet: each goal in a student's words with how nearly, secure and beyond look, the order of work,
 * and room to redo. It bears marks that say to a reader of scans that nothing is to be read there.
 */
public final class BackPage {
    private static final double SIDE_MM = 14;
    private static final double HEAD_X = PageFurniture.INSET_MM + PageFurniture.MARKER_MM + 5;
    private static final double TOP_MM = 26;
    private static final double FOOT_MM = PageFurniture.INSET_MM + PageFurniture.MARKER_MM + 3;
    /** Where a goal's words end and the pictures begin. */
    private static final double WORDS_MM = 44;

    private static final double HIGHEST_ROW_MM = 20;
    private static final double LOWEST_ROW_MM = 11;
    private static final double SMALL = 2.9;
    private static final double LEAD = 3.7;
    private static final double STEP_LEAD = 4.6;
    private static final double TITLE_MM = 5;
    private static final double GAP_MM = 1.2;
    /** Less room than this is of no use to draw in. */
    private static final double LEAST_REDO_MM = 20;

    private static final List<Level> LEVELS = List.of(Level.NEARLY, Level.SECURE, Level.BEYOND);
    private static final List<String> LEVEL_WORDS =
            List.of(say("paper.2-nearly"), say("paper.3-secure"), say("paper.4-beyond"));

    private final PageLayout front;
    private final List<Part> parts;

    /** An exercise that is on the front, and how its goals look. */
    private record Part(ExercisePlan exercise, List<Exemplar> exemplars) {}

    /** @param front what is on its other side; @param exemplars of each exercise */
    BackPage(PageLayout front, List<ExercisePlan> exercises, List<List<Exemplar>> exemplars) {
        this.front = front;
        Set<String> here = front.fields().stream().map(PageLayout.Field::id).collect(Collectors.toSet());
        this.parts = IntStream.range(0, exercises.size())
                .filter(i -> exercises.get(i).fields().stream().anyMatch(f -> here.contains(f.id())))
                .mapToObj(i -> new Part(exercises.get(i), exemplars.get(i)))
                .toList();
    }

    public PageSize size() {
        return front.size();
    }

    /** What lies below all else. */
    public PageLayout marks() {
        return PageFurniture.back(size());
    }

    public void draw(PdfCanvas canvas) {
        new Drawing(canvas).all();
    }

    private final class Drawing {
        private final PdfCanvas canvas;
        private final double right = size().widthMm() - SIDE_MM;
        private final double bottom = size().heightMm() - FOOT_MM;
        private final double row = rowMm();
        private double y = TOP_MM;

        Drawing(PdfCanvas canvas) {
            this.canvas = canvas;
        }

        void all() {
            text(HEAD_X, 16, 5, Weight.BOLD, say("paper.what-it-can-look"));
            text(HEAD_X, 21.5, 3.2, Weight.REGULAR, say("paper.drawn-by-a-computer"));
            parts.forEach(this::exercise);
            redo();
        }

        private double rowMm() {
            int goals =
                    parts.stream().mapToInt(p -> p.exercise().goals().size()).sum();
            int steps =
                    parts.stream().mapToInt(p -> p.exercise().steps().size()).sum();
            double others = parts.size() * (16 + TITLE_MM) + steps * STEP_LEAD + LEAST_REDO_MM + 8;
            return Math.max(LOWEST_ROW_MM, Math.min(HIGHEST_ROW_MM, (bottom - TOP_MM - others) / Math.max(1, goals)));
        }

        private void exercise(Part part) {
            ExercisePlan exercise = part.exercise();
            // a line of its own: a long title would run into the heads of the columns
            text(SIDE_MM, y + 4, 3.6, Weight.BOLD, exercise.title());
            y += TITLE_MM;
            for (int i = 0; i < LEVELS.size(); i++) {
                text(cellX(i), y + 4, SMALL, Weight.BOLD, LEVEL_WORDS.get(i));
            }
            y += 5.5;
            for (GoalPlan goal : exercise.goals()) {
                if (y + row > bottom) {
                    text(SIDE_MM, bottom + 4, SMALL, Weight.REGULAR, say("paper.there-are-more-goals"));
                    return;
                }
                goal(goal, part.exemplars());
            }
            steps(exercise.steps());
        }

        private double cellX(int i) {
            return SIDE_MM + WORDS_MM + i * (right - SIDE_MM - WORDS_MM) / LEVELS.size();
        }

        private void goal(GoalPlan goal, List<Exemplar> all) {
            canvas.line(SIDE_MM, y, right, y, 0.1);
            double line = y + 4;
            text(SIDE_MM, line, 3.2, Weight.BOLD, goal.goal().label());
            for (String words : FittedLine.wrapped(goal.goal().praise(), Weight.REGULAR, SMALL, WORDS_MM - 4)) {
                line += LEAD;
                text(SIDE_MM, line, SMALL, Weight.REGULAR, words);
            }
            for (int i = 0; i < LEVELS.size(); i++) {
                Level level = LEVELS.get(i);
                double x = cellX(i);
                all.stream()
                        .filter(e -> e.goal() == goal.goal() && e.level() == level)
                        .findFirst()
                        .ifPresent(e -> pictures(e.fields(), x));
            }
            y += row;
        }

        /** Side by side, as large as the cell allows. */
        private void pictures(List<Picture> fields, double x) {
            double room = cellX(1) - cellX(0) - 3 - GAP_MM * (fields.size() - 1);
            double across = fields.stream()
                    .mapToDouble(p -> p.width() / (double) p.height())
                    .sum();
            double high = Math.min(row - 2, room / across);
            double at = x;
            for (Picture picture : fields) {
                double wide = high * picture.width() / picture.height();
                canvas.picture(picture.toImage(), new Rect(at, y + 1, wide, high));
                at += wide + GAP_MM;
            }
        }

        private void steps(List<String> steps) {
            canvas.line(SIDE_MM, y, right, y, 0.1);
            y += 1;
            for (int i = 0; i < steps.size(); i++) {
                List<String> lines = FittedLine.wrapped(steps.get(i), Weight.REGULAR, 3.2, right - SIDE_MM - 5);
                if (y + STEP_LEAD * lines.size() > bottom) {
                    return;
                }
                text(SIDE_MM, y + 3.4, 3.2, Weight.BOLD, String.valueOf(i + 1));
                for (String line : lines) {
                    text(SIDE_MM + 5, y + 3.4, 3.2, Weight.REGULAR, line);
                    y += STEP_LEAD;
                }
            }
            y += 3;
        }

        /** Frames of the size of the fields, as many as there is room for. */
        private void redo() {
            if (bottom - y < LEAST_REDO_MM) {
                return;
            }
            text(SIDE_MM, y + 3.6, 3.4, Weight.BOLD, say("paper.room-to-redo"));
            y += 6;
            double x = SIDE_MM;
            double tallest = 0;
            for (PageLayout.Field field : boxes()) {
                Rect box = field.rect();
                if (x + box.width() > right) {
                    x = SIDE_MM;
                    y += tallest + 5;
                    tallest = 0;
                }
                if (y + 3 + box.height() > bottom) {
                    return;
                }
                text(x, y + 2.4, SMALL, Weight.BOLD, field.id());
                canvas.border(new Rect(x, y + 3, box.width(), box.height()), 0.2, 0);
                tallest = Math.max(tallest, box.height());
                x += box.width() + 4;
            }
        }

        /** A form is drawn again on a new sheet. */
        private List<PageLayout.Field> boxes() {
            List<PageLayout.Field> boxes = new ArrayList<>(front.fields());
            boxes.removeIf(PageLayout.Field::isShape);
            return boxes;
        }

        private void text(double x, double baseline, double em, Weight weight, String words) {
            canvas.text(x, baseline, em, weight, words);
        }
    }
}
