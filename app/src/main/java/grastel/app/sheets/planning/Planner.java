package grastel.app.sheets.planning;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.kit.Kit;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.ApiProblem.FieldProblem;
import grastel.app.sheets.api.PiecesAtHand;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.layering.Pressures;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import grastel.core.page.PageLayout;
import grastel.core.page.PageTooFull;
import grastel.core.page.SheetComposer;
import grastel.core.page.SheetComposer.Composed;
import grastel.core.recipe.Method;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Plans sheets: turns ids into pencils and papers, lets the kinds plan, lays the pages out. */
@Component
public class Planner {
    /** Boxes and forms larger than chosen, where the page has room: the largest first. */
    private static final List<Double> GROWTHS = List.of(1.5, 1.4, 1.3, 1.2, 1.1);

    /** A side beyond which a box costs a student more time than it shows, mm. */
    private static final double MOST_BOX_MM = 30;

    private static final double MOST_FORM_MM = 90;
    /** What a period of fifty minutes leaves for work; larger fields must not take more. */
    private static final double MOST_MINUTES = 30;

    private final Kit kit;
    private final Classes classes;
    private final PiecesAtHand pieces;

    Planner(Kit kit, Classes classes, PiecesAtHand pieces) {
        this.kit = kit;
        this.classes = classes;
        this.pieces = pieces;
    }

    /**
     * One exercise of a draft.
     *
     * @param parameters what can be chosen here, with suggestions
     * @param used every value the plan was made with, by parameter
     * @param plan null where there are problems
     */
    public record DraftedExercise(
            ExerciseKind kind,
            List<Parameter> parameters,
            ChosenValues used,
            @Nullable ExercisePlan plan,
            List<ChosenValues.Problem> problems) {}

    /**
     * A sheet not yet kept.
     *
     * @param plan with boxes as they are printed
     * @param pages of the exercises that could be planned
     * @param grown how many times as large as chosen fields are printed, as the page has room; 1 for as chosen
     * @param smallWords true where the page has no room for words that are well read
     */
    public record Draft(
            Setting setting,
            List<DraftedExercise> exercises,
            SheetPlan plan,
            List<PageLayout> pages,
            double grown,
            boolean smallWords,
            List<FieldProblem> pageProblems) {
        /** What stands against keeping it, by request path. */
        public List<FieldProblem> problems() {
            List<FieldProblem> all = new ArrayList<>(pageProblems);
            for (int i = 0; i < exercises.size(); i++) {
                String path = "exercises[" + i + "].";
                exercises
                        .get(i)
                        .problems()
                        .forEach(p -> all.add(new FieldProblem(path + p.parameter(), "IMPOSSIBLE", p.words())));
            }
            return all;
        }
    }

    public Draft draft(@Nullable String title, SheetData data) {
        Optional<ClassInfo> to = Optional.ofNullable(data.schoolClass()).map(classes::one);
        return draft(title, data, to.map(ClassInfo::method).orElse(Method.USUAL));
    }

    /** The draft as another method would have it. */
    public Draft draft(@Nullable String title, SheetData data, Method method) {
        Setting setting = setting(data, method);
        Map<Goal, Double> ofClass = data.schoolClass() == null
                ? Map.of()
                : classes.one(data.schoolClass()).thresholds();
        List<DraftedExercise> exercises =
                data.exercises().stream().map(e -> drafted(e, setting, ofClass)).toList();
        SheetPlan plan = SheetPlan.of(exercises.stream()
                .map(DraftedExercise::plan)
                .filter(java.util.Objects::nonNull)
                .toList());
        if (plan.exercises().isEmpty()) {
            return new Draft(setting, exercises, plan, List.of(), 1, false, List.of());
        }
        try {
            ComposedPlan laid = laid(title, data, plan, setting);
            Composed on = laid.on();
            return new Draft(setting, exercises, laid.plan(), on.pages(), laid.grown(), on.smallWords(), List.of());
        } catch (PageTooFull e) {
            FieldProblem full =
                    new FieldProblem("boxMm", "PAGE_FULL", say("problem.choose-smaller-fields", e.getMessage()));
            return new Draft(setting, exercises, plan, List.of(), 1, false, List.of(full));
        }
    }

    private record ComposedPlan(SheetPlan plan, Composed on, double grown) {}

    /** Fields as large as the page and a lesson have room for: no more pages and rows, words well read, nothing left out. */
    private static ComposedPlan laid(@Nullable String title, SheetData data, SheetPlan plan, Setting setting) {
        Composed asChosen = composed(title, data, plan, setting.paper());
        for (double times : GROWTHS) {
            SheetPlan grown =
                    plan.grown(times, MOST_BOX_MM, MOST_FORM_MM, setting.band().cm2PerMinute());
            if (grown.minutes() > plan.minutes() && grown.minutes() <= MOST_MINUTES) {
                try {
                    Composed larger = composed(title, data, grown, setting.paper());
                    if (larger.isNoTighterThan(asChosen)) {
                        return new ComposedPlan(grown, larger, times);
                    }
                } catch (PageTooFull tooLarge) {
                    // the next is smaller
                }
            }
        }
        return new ComposedPlan(plan, asChosen, 1);
    }

    /** The draft, if nothing stands against keeping it. */
    public Draft sound(@Nullable String title, SheetData data) {
        Draft draft = draft(title, data);
        List<FieldProblem> problems = draft.problems();
        if (!problems.isEmpty()) {
            throw new ApiProblem(
                    HttpStatus.UNPROCESSABLE_CONTENT, "INVALID", problems.get(0).message(), problems);
        }
        return draft;
    }

    private static Composed composed(@Nullable String title, SheetData data, SheetPlan plan, Paper paper) {
        return SheetComposer.compose(
                data.pageSize(),
                SheetWording.words(titleOf(title, plan), plan, paper),
                SheetWording.sections(plan),
                plan.palette().stream().map(Pencil::code).toList());
    }

    public static String titleOf(@Nullable String title, SheetPlan plan) {
        return title == null || title.isBlank() ? SheetWording.title(plan) : title.strip();
    }

    private Setting setting(SheetData data, Method method) {
        PencilSet pencils = data.set() == null ? kit.everything() : kit.setOf(data.set());
        Paper paper = kit.paper(data.paper()).paper();
        if (data.schoolClass() == null) {
            return new Setting(pencils, paper, method, GradeBand.DEVELOPING, Pressures.TAUGHT, pieces.all());
        }
        ClassInfo to = classes.one(data.schoolClass());
        return new Setting(pencils, paper, method, to.band(), to.pressures(), pieces.all());
    }

    private DraftedExercise drafted(ExerciseData data, Setting setting, Map<Goal, Double> ofClass) {
        ExerciseKind kind = ExerciseKinds.of(data.kind())
                .orElseThrow(() -> ApiProblem.invalid(
                        "exercises", "NO_SUCH_KIND", say("problem.there-is-no-exercise", data.kind())));
        List<Parameter> parameters = kind.parameters(setting);
        List<ChosenValues.Problem> problems = new ArrayList<>();
        ChosenValues chosen = values(data.values(), parameters, problems);
        problems.addAll(chosen.problems(parameters));
        ChosenValues used = chosen.orSuggested(parameters);
        if (!problems.isEmpty()) {
            return new DraftedExercise(kind, parameters, used, null, List.copyOf(problems));
        }
        try {
            ExercisePlan plan = kind.plan(used, setting).withThresholds(ofClass).withThresholds(data.thresholds());
            return new DraftedExercise(kind, parameters, used, plan, List.of());
        } catch (ImpossibleExercise e) {
            ChosenValues.Problem problem =
                    new ChosenValues.Problem(e.parameter(), Objects.requireNonNullElse(e.getMessage(), ""), null);
            return new DraftedExercise(kind, parameters, used, null, List.of(problem));
        }
    }

    /** Chosen values as the core has them: whole numbers as such, pencils by their ids. */
    private ChosenValues values(
            Map<String, ValueData> given, List<Parameter> parameters, List<ChosenValues.Problem> problems) {
        Map<UUID, Pencil> owned = kit.pencils().stream().collect(Collectors.toMap(KitPencil::id, KitPencil::pencil));
        Map<String, Parameter> byName =
                parameters.stream().collect(Collectors.toMap(Parameter::name, Function.identity()));
        Map<String, Object> values = new LinkedHashMap<>();
        given.forEach((name, value) -> {
            Object one = value == null ? null : value(value, byName.get(name), owned);
            if (one != null) {
                values.put(name, one);
            } else if (value != null && value.pencil() != null) {
                problems.add(new ChosenValues.Problem(name, say("problem.this-pencil-is-no-longer"), null));
            }
        });
        return new ChosenValues(values);
    }

    private static @Nullable Object value(ValueData value, @Nullable Parameter parameter, Map<UUID, Pencil> owned) {
        if (value.number() != null) {
            boolean whole = parameter instanceof Parameter.Whole && value.number() == Math.rint(value.number());
            return whole ? (Object) value.number().intValue() : value.number();
        }
        if (value.word() != null) {
            return value.word();
        }
        return value.words() != null ? value.words() : owned.get(value.pencil());
    }

    /**
     * The id of a pencil that was planned with.
     *
     * @param ids of the pencils as they are now
     * @throws ApiProblem where it was changed in another window since
     */
    public static UUID idOf(Pencil pencil, Map<Pencil, UUID> ids) {
        UUID id = ids.get(pencil);
        if (id == null) {
            throw ApiProblem.conflict(
                    "CHANGED_ELSEWHERE", say("problem.was-changed-in-another-window", pencil.title()));
        }
        return id;
    }

    /** A core value as data again. @param ids pencils of the kit */
    public static ValueData data(Object value, Map<Pencil, UUID> ids) {
        if (value instanceof Pencil pencil) {
            return new ValueData(null, null, null, ids.get(pencil));
        }
        if (value instanceof Number number) {
            return new ValueData(number.doubleValue(), null, null, null);
        }
        if (value instanceof List<?> words) {
            return new ValueData(
                    null, null, words.stream().map(String.class::cast).toList(), null);
        }
        return new ValueData(null, (String) value, null, null);
    }

    /** Ids by pencil; of two alike the first. */
    public Map<Pencil, UUID> ids() {
        return kit.pencils().stream()
                .collect(Collectors.toMap(KitPencil::pencil, KitPencil::id, (first, alike) -> first));
    }
}
