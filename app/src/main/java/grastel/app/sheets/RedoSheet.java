package grastel.app.sheets;

import static grastel.core.words.Words.say;

import grastel.app.kit.Kit.KitPaper;
import grastel.app.sheets.RedoSheets.Again;
import grastel.app.sheets.RedoSheets.Origin;
import grastel.app.sheets.RedoSheets.Page;
import grastel.app.sheets.RedoSheets.Part;
import grastel.app.sheets.planning.SheetWording;
import grastel.app.sheets.rows.FirstTry;
import grastel.app.sheets.rows.StoredSheetVersion;
import grastel.core.checks.Require;
import grastel.core.exercise.FieldWork;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.media.Pencil;
import grastel.core.page.PageLayout;
import grastel.core.page.PageLayout.Key;
import grastel.core.page.PageSize;
import grastel.core.page.SheetComposer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Lays out the fields that one student does again. The plan keeps its exercises whole, so that a goal of several fields is
 * judged by those of the page together with what was there before; the page shows the fields that are done again alone.
 */
record RedoSheet(UUID student, String title, GradeBand band, Map<UUID, Origin> origins, KitPaper on) {
    private static final String GOAL = say("paper.once-more-one-thing");

    /** @param paper in the kit; @param firstTries where each exercise was done before, the first first */
    record Composed(UUID paper, SheetPlan plan, List<PageLayout> layouts, List<FirstTry> firstTries, Page page) {}

    Composed compose(List<Again> exercises, int left) {
        SheetPlan plan = SheetPlan.of(exercises.stream()
                .map(a -> origin(a).plan().alone(a.exercise()))
                .toList());
        List<Map<String, String>> advice = new ArrayList<>();
        List<FirstTry> before = new ArrayList<>();
        for (int i = 0; i < exercises.size(); i++) {
            Again again = exercises.get(i);
            FirstTry last = new FirstTry(i, again.run(), again.exercise());
            before.addAll(earlier(again, i));
            before.add(last);
            advice.add(named(again.advice(), last.names(origin(again).plan(), plan)));
        }
        List<Pencil> pencils = pencils(plan, advice);
        double minutes = minutes(plan, advice);
        List<PageLayout> layouts = layouts(plan, advice, pencils, minutes);
        return new Composed(on.id(), plan, layouts, before, page(plan, advice, left, layouts.size(), minutes));
    }

    private StoredSheetVersion origin(Again again) {
        return Require.key(origins, again.run()).sheet();
    }

    /** Where what is done again was done for the first time, if it was not then. */
    private List<FirstTry> earlier(Again again, int exercise) {
        return origin(again).firstTries().stream()
                .filter(t -> t.exercise() == again.exercise())
                .map(t -> new FirstTry(exercise, t.run(), t.of()))
                .toList();
    }

    private static Map<String, String> named(Map<String, String> advice, Map<String, String> names) {
        Map<String, String> named = new LinkedHashMap<>();
        advice.forEach((field, words) -> {
            if (names.containsKey(field)) {
                named.put(names.get(field), words);
            }
        });
        return named;
    }

    private List<PageLayout> layouts(
            SheetPlan plan, List<Map<String, String>> advice, List<Pencil> pencils, double minutes) {
        PageSize size =
                origins.values().iterator().next().sheet().pages().get(0).size();
        List<Integer> places =
                pencils.stream().map(p -> plan.palette().indexOf(p)).toList();
        return SheetComposer.compose(
                        size,
                        SheetWording.words(title, GOAL, plan, pencils, on.paper(), minutes),
                        Stream.iterate(0, i -> i < advice.size(), i -> i + 1)
                                .map(i -> SheetWording.again(plan.exercises().get(i), advice.get(i)))
                                .toList(),
                        pencils.stream().map(Pencil::code).toList())
                .pages()
                .stream()
                .map(page -> keyed(page, places))
                .toList();
    }

    /** The key boxes of a page are of some of the plan's pencils alone. */
    private static PageLayout keyed(PageLayout page, List<Integer> places) {
        return page.keyed(page.keys().stream()
                .map(k -> new Key(places.get(k.pencil()), k.rect()))
                .toList());
    }

    private static Stream<FieldPlan> chosen(ExercisePlan exercise, Map<String, String> advice) {
        return exercise.fields().stream().filter(f -> advice.containsKey(f.id()));
    }

    /** Those that are needed, in the plan's order. */
    private static List<Pencil> pencils(SheetPlan plan, List<Map<String, String>> advice) {
        List<Pencil> used = new ArrayList<>();
        for (int i = 0; i < advice.size(); i++) {
            ExercisePlan exercise = plan.exercises().get(i);
            chosen(exercise, advice.get(i))
                    .flatMap(f -> f.recipe().steps().stream())
                    .map(Step::pencil)
                    .filter(p -> p >= 0)
                    .forEach(p -> used.add(exercise.palette().get(p)));
        }
        return plan.palette().stream().filter(used::contains).toList();
    }

    private double minutes(SheetPlan plan, List<Map<String, String>> advice) {
        double minutes = 0;
        for (int i = 0; i < advice.size(); i++) {
            ExercisePlan exercise = plan.exercises().get(i);
            minutes += chosen(exercise, advice.get(i))
                    .mapToDouble(f -> FieldWork.minutes(f, exercise.palette(), band.cm2PerMinute()))
                    .sum();
        }
        return minutes;
    }

    private Page page(SheetPlan plan, List<Map<String, String>> advice, int left, int pages, double minutes) {
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < advice.size(); i++) {
            parts.add(new Part(plan.exercises().get(i).title(), advice.get(i)));
        }
        return new Page(student, parts, left, pages, minutes);
    }
}
