package grastel.app.sheets.screen;

import grastel.app.classes.CalendarData;
import grastel.app.kit.LayerData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.app.sheets.planning.PlannedPicture;
import grastel.app.sheets.planning.Planner;
import grastel.app.sheets.planning.Planner.Draft;
import grastel.app.sheets.planning.Planner.DraftedExercise;
import grastel.app.sheets.planning.SheetWording;
import grastel.app.sheets.screen.PageViews.PageView;
import grastel.app.sheets.screen.SheetViews.KindView;
import grastel.core.colour.ColourVision;
import grastel.core.colour.Lab;
import grastel.core.colour.MunsellValue;
import grastel.core.colour.Srgb;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.goal.Ladder;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.FieldPlan.Ask;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.media.Pencil;
import grastel.core.planning.Stages;
import grastel.core.recipe.Confusions;
import grastel.core.recipe.Confusions.Confusion;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What a draft looks like at the edge: its pages, and what each exercise asks, gives and needs. Lengths in mm, lightness in L*, value in Munsell value. */
public final class DraftViews {
    private static final double MIDDLE = 0.5;

    private DraftViews() {}

    enum ParameterType {
        WHOLE,
        MEASURE,
        CHOICE,
        SEVERAL,
        LINES,
        PENCIL
    }

    record OptionView(@NotNull String id, @NotNull String label) {}

    /** @param least of a number or a count; @param options of a choice; @param pencils that fit */
    record ParameterView(
            @NotNull String name,
            @NotNull String label,
            @NotNull ParameterType type,
            @Nullable Double least,
            @Nullable Double most,
            @NotNull List<OptionView> options,
            @NotNull List<UUID> pencils,
            @NotNull boolean mayBeLeftOpen) {}

    /** @param lines of a drawing, to be chosen for a parameter of lines */
    record DrawnLinesView(@NotNull List<String> lines) {}

    record PalettePencilView(
            @NotNull UUID id,
            @NotNull String code,
            @NotNull String name,
            @NotNull String colour) {}

    /**
     * A field of an exercise.
     *
     * @param predicted colours from left to right, one for an even field
     * @param layers its recipe as a stack of the bench, of a strip at its middle; none of a picture
     * @param picture as predicted, a PNG as a data address; null for other fields
     */
    record PlannedFieldView(
            @NotNull String id,
            @NotNull String group,
            @NotNull String label,
            @NotNull Ask ask,
            @Nullable Double askedLightness,
            @Nullable Double askedValue,
            @NotNull double predictedLightness,
            @NotNull double predictedValue,
            @NotNull double predictedChroma,
            @NotNull double specks,
            @NotNull List<String> asked,
            @NotNull List<String> predicted,
            @NotNull List<String> recipe,
            @NotNull List<LayerData> layers,
            @Nullable String picture) {}

    /**
     * @param secure threshold in use
     * @param usual what it would be if neither the sheet nor the class had moved it
     * @param more true where more is better
     */
    record PlannedGoalView(
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull String figure,
            @NotNull String unit,
            @NotNull double secure,
            @NotNull double usual,
            @NotNull boolean more) {}

    record RemedyView(@NotNull String words, @NotNull Map<String, ValueData> change) {}

    record FindingView(
            @Nullable String field,
            @NotNull String words,
            @NotNull List<RemedyView> remedies) {}

    record FaultWordsView(@NotNull String sign, @NotNull String say) {}

    /** @param nearest possible value, or null */
    record ValueProblemView(
            @NotNull String parameter,
            @NotNull String words,
            @Nullable ValueData nearest) {}

    /** An exercise of a draft; what is planned is empty where there are problems. */
    record ExerciseView(
            @NotNull KindView kind,
            @NotNull String title,
            @NotNull List<ParameterView> parameters,
            @NotNull Map<String, ValueData> used,
            @NotNull List<ValueProblemView> problems,
            @NotNull List<PalettePencilView> palette,
            @NotNull List<PlannedFieldView> fields,
            @NotNull List<PlannedGoalView> goals,
            @NotNull List<String> notes,
            @NotNull List<FaultWordsView> faults,
            @NotNull List<String> cautions,
            @NotNull double minutes,
            @NotNull List<FindingView> findings) {}

    /** Two pencils that some eyes do not tell apart. @param vision in which they are most alike */
    record ConfusionView(
            @NotNull String one,
            @NotNull String other,
            @NotNull ColourVision vision) {
        static ConfusionView of(Confusion c) {
            return new ConfusionView(c.one().title(), c.other().title(), c.vision());
        }
    }

    /** A sheet that three of four students do not finish in one lesson. @param minutes they need; @param room in a lesson; @param lessons it takes */
    record LessonsView(
            @NotNull double minutes,
            @NotNull double room,
            @NotNull int lessons) {}

    /**
     * @param confusions the most alike first
     * @param grown how many times as large as chosen fields are printed, as the page has room; 1 for as chosen
     * @param smallWords true where the page has no room for words that are well read
     * @param lessons how many of the class's it takes; null where one is enough or nobody said when the class meets
     * @param pageProblem why no pages could be laid out, or null
     */
    record DraftView(
            @NotNull List<PageView> pages,
            @NotNull List<ExerciseView> exercises,
            @NotNull List<ConfusionView> confusions,
            @NotNull double minutes,
            @NotNull double grainMm,
            @NotNull String paperColour,
            @NotNull double grown,
            @NotNull boolean smallWords,
            @Nullable LessonsView lessons,
            @Nullable String pageProblem) {}

    /** @param calendar of the class it is for; null for none */
    public static DraftView of(Draft draft, Map<Pencil, UUID> ids, @Nullable CalendarData calendar) {
        int planned = 0;
        List<ExerciseView> exercises = new ArrayList<>();
        for (DraftedExercise one : draft.exercises()) {
            ExercisePlan plan =
                    one.plan() == null ? null : draft.plan().exercises().get(planned++);
            exercises.add(exercise(one, plan, draft.setting().band(), ids));
        }
        return new DraftView(
                draft.pages().stream().map(PageView::of).toList(),
                exercises,
                Confusions.of(draft.plan().palette()).stream()
                        .map(ConfusionView::of)
                        .toList(),
                draft.plan().minutes(),
                draft.setting().paper().tooth().grainMm(),
                Srgb.of(draft.setting().paper().ground().toLab()).hex(),
                draft.grown(),
                draft.smallWords(),
                calendar == null ? null : lessons(draft, calendar),
                draft.pageProblems().isEmpty()
                        ? null
                        : draft.pageProblems().get(0).message());
    }

    private static @Nullable LessonsView lessons(Draft draft, CalendarData calendar) {
        double room = calendar.room().orElse(Double.POSITIVE_INFINITY);
        double minutes = Stages.of(List.of(draft.plan()), draft.setting().band(), 0, 0, 0).stream()
                .mapToDouble(calendar.time()::planned)
                .sum();
        return minutes <= room || room == 0 ? null : new LessonsView(minutes, room, (int) Math.ceil(minutes / room));
    }

    private static ExerciseView exercise(
            DraftedExercise one, @Nullable ExercisePlan plan, GradeBand band, Map<Pencil, UUID> ids) {
        return new ExerciseView(
                KindView.of(one.kind()),
                plan == null ? one.kind().name() : plan.title(),
                one.parameters().stream().map(p -> parameter(p, ids)).toList(),
                values(one.used(), ids),
                one.problems().stream()
                        .map(p -> new ValueProblemView(
                                p.parameter(), p.words(), p.nearest() == null ? null : Planner.data(p.nearest(), ids)))
                        .toList(),
                listed(plan, p -> p.palette().stream().map(pencil -> pencil(pencil, ids))),
                listed(plan, p -> p.fields().stream().map(f -> field(p, f, ids))),
                listed(plan, p -> p.goals().stream().map(g -> goal(g, band))),
                listed(plan, p -> p.notes().stream()),
                listed(plan, p -> p.faults().stream().map(f -> new FaultWordsView(f.sign(), f.say()))),
                listed(plan, p -> p.cautions().stream()),
                plan == null ? 0 : plan.minutes(),
                listed(plan, p -> p.findings().stream().map(f -> finding(f, ids))));
    }

    /** Nothing of what could not be planned. */
    private static <T> List<T> listed(@Nullable ExercisePlan plan, Function<ExercisePlan, Stream<T>> of) {
        return plan == null ? List.of() : of.apply(plan).toList();
    }

    private static ParameterView parameter(Parameter p, Map<Pencil, UUID> ids) {
        ParameterType type;
        Double least = null;
        Double most = null;
        List<Parameter.Option> options = List.of();
        List<Pencil> pencils = List.of();
        if (p instanceof Parameter.Whole whole) {
            type = ParameterType.WHOLE;
            least = (double) whole.least();
            most = (double) whole.most();
        } else if (p instanceof Parameter.Measure measure) {
            type = ParameterType.MEASURE;
            least = measure.least();
            most = measure.most();
        } else if (p instanceof Parameter.Choice choice) {
            type = ParameterType.CHOICE;
            options = choice.options();
        } else if (p instanceof Parameter.Several several) {
            type = ParameterType.SEVERAL;
            least = (double) several.least();
            most = (double) several.most();
            options = several.options();
        } else if (p instanceof Parameter.Lines lines) {
            type = ParameterType.LINES;
            most = (double) lines.most();
        } else {
            type = ParameterType.PENCIL;
            pencils = ((Parameter.OnePencil) p).fitting();
        }
        return new ParameterView(
                p.name(),
                p.label(),
                type,
                least,
                most,
                options.stream().map(o -> new OptionView(o.id(), o.label())).toList(),
                pencils.stream().map(ids::get).toList(),
                p.suggested() == null);
    }

    private static Map<String, ValueData> values(ChosenValues values, Map<Pencil, UUID> ids) {
        Map<String, ValueData> all = new LinkedHashMap<>();
        values.chosen().forEach((name, value) -> all.put(name, Planner.data(value, ids)));
        return all;
    }

    private static PalettePencilView pencil(Pencil p, Map<Pencil, UUID> ids) {
        return new PalettePencilView(
                Planner.idOf(p, ids),
                p.code(),
                p.name(),
                Srgb.of(p.masstone().toLab()).hex());
    }

    private static PlannedFieldView field(ExercisePlan plan, FieldPlan f, Map<Pencil, UUID> ids) {
        boolean asks = f.ask() != Ask.NOTHING;
        return new PlannedFieldView(
                f.id(),
                f.group(),
                f.label(),
                f.ask(),
                asks ? f.askedLightness() : null,
                asks ? value(f.askedLightness()) : null,
                f.predictedColour().lightness(),
                value(f.predictedColour().lightness()),
                f.predictedColour().chroma(),
                f.specks(),
                f.asked().stream().map(c -> Srgb.of(c).hex()).toList(),
                f.predicted().stream().map(c -> Srgb.of(c).hex()).toList(),
                SheetWording.recipe(plan, f),
                f.hasPicture()
                        ? List.of()
                        : plan.layers(f, MIDDLE).stream()
                                .map(l -> LayerData.of(l, ids))
                                .toList(),
                f.hasPicture() ? PlannedPicture.address(f.ownPicture()) : null);
    }

    private static PlannedGoalView goal(GoalPlan g, GradeBand band) {
        Ladder ladder = g.ladder(band);
        return new PlannedGoalView(
                g.goal(),
                g.goal().label(),
                g.goal().figure(),
                g.goal().unit(),
                ladder.secure(),
                ladder.secure() / g.factor(),
                ladder.nearly() < ladder.beyond());
    }

    private static FindingView finding(Finding f, Map<Pencil, UUID> ids) {
        return new FindingView(
                f.field(),
                f.words(),
                f.remedies().stream()
                        .map(r -> new RemedyView(r.words(), values(r.change(), ids)))
                        .toList());
    }

    private static double value(double lightness) {
        return MunsellValue.of(Lab.luminanceOf(lightness));
    }
}
