package grastel.core.exercise.formstudy;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.Parameters;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.asked.Finding.Remedy;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.formstudy.FormZones.Role;
import grastel.core.exercise.formstudy.FormZones.Zone;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.FieldPlan.Ask;
import grastel.core.exercise.plan.FieldPlan.Made;
import grastel.core.exercise.plan.FieldPlan.Printed;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.Recipe;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import grastel.core.recipe.MethodAnswer;
import grastel.core.recipe.PencilRange;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A simple form with its values mapped for the light that is chosen. */
public final class FormStudy implements ExerciseKind {
    private static final String FORM = "form";
    private static final String LIGHT = "light";
    private static final String VALUES = "values";
    private static final String COLOURING = "colouring";
    private static final String SIZE = "sizeMm";
    /** The simplest recipe so near to a value is taken, L*. */
    private static final double NEAR_ENOUGH = 2;
    /** Values nearer than this to a toned paper are left to it, L*. */
    private static final double BARE_ON_TONED = 5;

    private enum LightFrom {
        UPPER_LEFT(-0.6, -0.6),
        UPPER_RIGHT(0.6, -0.6),
        LEFT(-0.85, -0.1),
        RIGHT(0.85, -0.1),
        ABOVE(-0.15, -0.85);

        private final Shading shading;

        LightFrom(double x, double y) {
            shading = new Shading(x, y, 0.62);
        }
    }

    private enum Colouring {
        ONE_PENCIL,
        ANALOGOUS
    }

    @Override
    public String id() {
        return "form-study";
    }

    @Override
    public String name() {
        return say("form-study.name");
    }

    @Override
    public String teaches() {
        return say("form-study.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        return List.of(
                new Parameter.Choice(
                        FORM, say("form-study.form"), Parameter.Option.of(Form.class, Form::words), Form.SPHERE.name()),
                new Parameter.Choice(
                        LIGHT,
                        say("form-study.light-from"),
                        Parameter.Option.of(LightFrom.class),
                        LightFrom.UPPER_LEFT.name()),
                new Parameter.Whole(VALUES, say("form-study.values"), 3, 7, 5),
                new Parameter.Choice(
                        COLOURING,
                        say("form-study.colouring"),
                        Parameter.Option.of(Colouring.class),
                        Colouring.ONE_PENCIL.name()),
                Parameters.pencil(say("exercise.own-colour"), PencilChoice.darkening(setting.pressed())),
                new Parameter.Measure(SIZE, say("form-study.size-mm"), 40, 110, 75.0));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Form form = values.choice(FORM, Form.class);
        Pencil own = Parameters.chosen(values, Parameters.PENCIL, say("exercise.that-darkens-this-paper"), setting);
        double size = values.measure(SIZE);
        List<Zone> zones =
                FormZones.of(form, values.choice(LIGHT, LightFrom.class).shading, values.whole(VALUES), size);
        boolean analogous = values.choice(COLOURING, Colouring.class) == Colouring.ANALOGOUS;
        PlanBuilder builder = new PlanBuilder(setting);
        Painting painting = new Painting(own, setting, builder, analogous);
        List<FieldPlan> fields = new ArrayList<>();
        for (Zone zone : sorted(zones)) {
            fields.add(painting.field(zone, String.valueOf(fields.size() + 1), form, size));
        }
        goals(builder, fields, sorted(zones), painting.white.isPresent());
        range(builder, painting, values.whole(VALUES), own);
        words(builder, setting, analogous, form, painting.white);
        return builder.plan(
                id(),
                say("form-study.form-study-2", form.words()),
                say(
                        "form-study.values-that-make-it",
                        values.choice(LIGHT, LightFrom.class)
                                .name()
                                .toLowerCase(Locale.ROOT)
                                .replace('_', ' ')));
    }

    /** From the highlight to the darkest; the shadow on the table last. */
    private static List<Zone> sorted(List<Zone> zones) {
        return zones.stream()
                .sorted(Comparator.comparing((Zone z) -> z.role() == Role.CAST_SHADOW)
                        .thenComparingDouble(Zone::darkness)
                        .thenComparing(Zone::role))
                .toList();
    }

    /** Chooses what each zone is done with. */
    private static final class Painting {
        private final Pencil own;
        private final Setting setting;
        private final PlanBuilder builder;
        private final boolean analogous;
        private final PencilRange reach;
        /** On toned paper, the white that draws the lights. */
        private final Optional<Pencil> white;

        private final Optional<PencilRange> lights;
        private final Optional<Pencil> towardsLight;
        private final Optional<Pencil> towardsShadow;
        private final Optional<Pencil> deepest;

        Painting(Pencil own, Setting setting, PlanBuilder builder, boolean analogous) {
            this.own = own;
            this.setting = setting.like(own);
            this.builder = builder;
            this.analogous = analogous;
            this.reach = PencilRange.of(own, setting.paper(), Optional.empty(), setting.pressures());
            this.white = setting.onLightPaper()
                    ? Optional.empty()
                    : PencilChoice.white(setting.pencils().pencils());
            this.lights = white.map(w -> PencilRange.of(w, setting.paper(), Optional.empty(), setting.pressures()));
            double lightness = PencilChoice.colour(own).lightness();
            this.towardsLight = neighbour(lightness + 8, 100);
            this.towardsShadow = neighbour(lightness - 30, lightness - 4);
            this.deepest = setting.colours().stream()
                    .filter(p -> PencilChoice.colour(p).lightness() < Math.min(32, lightness - 6))
                    .min(Comparator.comparingDouble(
                            p -> Math.abs(Math.IEEEremainder(PencilChoice.place(p) - 260, 360))));
        }

        /** A wheel neighbour of the own colour within a band of lightness. */
        private Optional<Pencil> neighbour(double from, double to) {
            return PencilChoice.colourful(setting).stream()
                    .filter(p -> !p.equals(own))
                    .filter(p -> PencilChoice.colour(p).lightness() >= from
                            && PencilChoice.colour(p).lightness() <= to)
                    .filter(p -> turn(p) <= 65)
                    .min(Comparator.comparingDouble(this::turn));
        }

        private double turn(Pencil other) {
            return Math.abs(Math.IEEEremainder(PencilChoice.place(other) - PencilChoice.place(own), 360));
        }

        FieldPlan field(Zone zone, String id, Form form, double size) {
            double lightest = lights.map(PencilRange::darkest).orElse(reach.paper());
            double asked = lightest + (reach.darkest() - lightest) * zone.darkness();
            boolean bare = lights.isPresent()
                    ? Math.abs(asked - reach.paper()) < BARE_ON_TONED
                    : zone.role() == Role.HIGHLIGHT;
            List<Step> steps = bare ? List.of() : steps(zone, asked);
            List<Lab> wanted = List.of(bare ? setting.paper().ground().toLab() : new Lab(asked, 0, 0));
            return builder.add(new FieldPlan(
                    id,
                    new Printed(form.words(), zone.role().words(), size, size, zone.outline()),
                    Ask.VALUE,
                    wanted,
                    new Made(
                            new Recipe(steps),
                            List.of(builder.predict(steps)),
                            builder.predict(steps, 0.5).specks())));
        }

        private List<Step> steps(Zone zone, double asked) {
            if (lights.isPresent() && asked > reach.paper()) {
                return builder.laid(white.orElseThrow(), lights.get().nearest(asked, NEAR_ENOUGH));
            }
            if (!analogous) {
                return builder.laid(own, reach.nearest(asked, NEAR_ENOUGH));
            }
            List<Step> others = new ArrayList<>();
            switch (zone.role()) {
                case LIGHT -> towardsLight.ifPresent(p -> others.add(builder.colour(p, PressureGrade.LIGHT, 1)));
                case CORE_SHADOW, CAST_SHADOW -> {
                    deepest.ifPresent(p -> others.add(builder.colour(p, PressureGrade.WHISPER, 2)));
                    towardsShadow.ifPresent(p -> others.add(builder.colour(p, PressureGrade.LIGHT, 2)));
                }
                default -> towardsShadow.ifPresent(p -> others.add(builder.colour(p, PressureGrade.LIGHT, 1)));
            }
            return withOwn(others, asked);
        }

        /** The own colour over all, or first where the method has it so, as heavy as brings the zone nearest to its value. */
        private List<Step> withOwn(List<Step> others, double asked) {
            boolean first = setting.method().has(MethodAnswer.OWN_COLOUR_FIRST);
            List<Step> best = List.of();
            double least = Double.POSITIVE_INFINITY;
            for (PressureGrade grade : PressureGrade.values()) {
                for (int passes = 1; passes <= 3; passes++) {
                    List<Step> tried = new ArrayList<>(others);
                    tried.add(first ? 0 : others.size(), builder.colour(own, grade, passes));
                    double off = Math.abs(builder.predict(tried).lightness() - asked) + 0.2 * passes;
                    if (off < least) {
                        least = off;
                        best = tried;
                    }
                }
            }
            return best;
        }
    }

    private static void goals(PlanBuilder builder, List<FieldPlan> fields, List<Zone> zones, boolean toned) {
        builder.goal(Goal.ZONE_VALUES, fields, 10, 6, 3.5);
        List<FieldPlan> highlight = new ArrayList<>();
        List<FieldPlan> form = new ArrayList<>();
        for (int i = 0; i < zones.size(); i++) {
            switch (zones.get(i).role()) {
                case HIGHLIGHT -> highlight.add(fields.get(i));
                case CAST_SHADOW -> {}
                default -> form.add(fields.get(i));
            }
        }
        if (!highlight.isEmpty() && !toned) {
            builder.goal(Goal.HIGHLIGHT_KEPT, highlight, 8, 4, 2);
        }
        FieldPlan core = form.stream()
                .min(Comparator.comparingDouble(FieldPlan::askedLightness))
                .orElseThrow();
        List<FieldPlan> others =
                form.stream().filter(f -> !f.id().equals(core.id())).toList();
        builder.goal(Goal.CORE_DARKEST, GoalFields.among(core, others), 0, 2, 5);
    }

    private static void range(PlanBuilder builder, Painting painting, int values, Pencil own) {
        double lightest = painting.lights.map(PencilRange::darkest).orElse(painting.reach.paper());
        int possible = 1 + (int) Math.floor((lightest - painting.reach.darkest()) / 6);
        if (values > possible) {
            List<Remedy> remedies = possible < 3
                    ? List.of()
                    : List.of(new Remedy(
                            say("form-study.values-2", values, possible), ChosenValues.of(VALUES, possible)));
            builder.finding(
                    new Finding(null, say("form-study.spans-clear-values-on", own.name(), possible, values), remedies));
        }
    }

    private static void words(
            PlanBuilder builder, Setting setting, boolean analogous, Form form, Optional<Pencil> white) {
        MethodAnswer order = setting.method().answer(MethodAnswer.Question.VALUES_FIRST);
        builder.step(white.map(w -> say("form-study.lights-on-toned-paper", w.name()))
                .orElseGet(() -> say("form-study.find-the-highlight-and")));
        builder.step(
                switch (order) {
                    case DARKS_FIRST -> say("form-study.core-shadow-first-it");
                    case OWN_COLOUR_FIRST ->
                        white.isPresent()
                                ? say("form-study.own-colour-first-on-toned")
                                : say("form-study.own-colour-first-over");
                    default -> say("form-study.lightest-zone-first-then");
                });
        builder.step(say("form-study.lay-each-zone-to"));
        builder.step(say("form-study.soften-the-lines-between"));
        builder.step(say("form-study.core-shadow-darkest-reflected"));
        if (analogous && order != MethodAnswer.OWN_COLOUR_FIRST) {
            builder.step(say("form-study.own-colour-over-all"));
        }
        builder.note(
                form == Form.CUPPED_PETAL || form == Form.BULGING_PETAL
                        ? say("form-study.same-outline-other-light")
                        : say("form-study.put-the-real-thing"));
        builder.tooMuch(
                CommonMistake.TOO_HEAVY,
                say("form-study.highlight-gone"),
                say("form-study.reserve-it-from-the"),
                say("form-study.lift-what-will-lift"));
        builder.fault(CommonMistake.TOO_LIGHT, say("form-study.flat-look"), say("form-study.deepen-the-core-leave"));
        builder.fault(null, say("form-study.outline-drawn-round-it"), say("form-study.let-the-values-meet"));
    }
}
