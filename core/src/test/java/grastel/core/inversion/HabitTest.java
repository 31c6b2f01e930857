package grastel.core.inversion;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.Sample;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.MovedReflectance;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.inversion.Inversion.Likelihoods;
import grastel.core.inversion.Inversion.Seen;
import grastel.core.inversion.Neighbours.Neighbour;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Simulated students with a known habit: how often it is named, and how often wrongly. Each has a kit that is 2 ΔE off from what
 * is thought, presses within 10 % of what is meant, and is read with ordinary noise.
 */
@Tag("picture")
class HabitTest {
    private static final Paper PAPER = Shipped.WHITE_PAPER.paper();
    private static final double KIT_OFF = 2;
    private static final double READ_LIGHTNESS = 0.6;
    private static final double READ_SPECKS = 2;
    private static final int EACH = 20;
    /** Mistakes of a grade, a layer or a pencil. Others hardly change what a recipe looks like. */
    private static final Set<MistakeVariant> PLAIN = EnumSet.of(
            MistakeVariant.ALL_LIGHTER,
            MistakeVariant.TOP_LIGHTER,
            MistakeVariant.ALL_HARDER,
            MistakeVariant.TOP_HARDER,
            MistakeVariant.MORE_PASSES,
            MistakeVariant.HEAVY_UNDER,
            MistakeVariant.TOP_MISSING,
            MistakeVariant.UNDER_MISSING,
            MistakeVariant.OTHER_PENCIL);

    /** Recipes of two layers and more, from exercises as they ship. */
    private static final List<Task> TASKS = Stream.of(
                    "layer-ladder", "tint-hue-shade", "complement-scale", "mixing-from-few", "temperature-and-glaze")
            .map(kind -> Shipped.plan(kind, ChosenValues.NONE, Shipped.WHITE_PAPER))
            .flatMap(HabitTest::tasks)
            .toList();

    private record Task(List<Layer> asked, List<Pencil> sheet, Inversion inversion) {}

    private static Stream<Task> tasks(ExercisePlan plan) {
        return plan.fields().stream()
                .filter(f -> f.predicted().size() == 1 && plan.layers(f, 0.5).size() > 1)
                .map(f -> task(plan, f));
    }

    private static Task task(ExercisePlan plan, FieldPlan field) {
        List<Layer> asked = plan.layers(field, 0.5);
        return new Task(asked, plan.palette(), Inversion.of(asked, PAPER, plan.palette()));
    }

    /** One student: the same kit and hand in every field. */
    private static final class Student {
        private final Random random;
        private final Map<Pencil, Pencil> real = new HashMap<>();
        private final double weight;

        Student(long seed) {
            random = new Random(seed);
            weight = Math.exp(0.07 * random.nextGaussian());
        }

        private Pencil real(Pencil thought) {
            return thought.colourless()
                    ? thought
                    : real.computeIfAbsent(thought, p -> {
                        Lab c = p.masstone().toLab();
                        double scale = KIT_OFF / Math.sqrt(3);
                        Lab moved = new Lab(
                                Math.max(3, c.lightness() + scale * random.nextGaussian()),
                                c.a() + scale * random.nextGaussian(),
                                c.b() + scale * random.nextGaussian());
                        return new Pencil(
                                p.code(),
                                p.name(),
                                p.binder(),
                                MovedReflectance.of(p.masstone(), moved),
                                p.hiding(),
                                p.softness(),
                                false);
                    });
        }

        /** Draws a field in a way, where it has that. */
        Optional<Seen> draw(Task task, MistakeVariant way) {
            List<Neighbour> ways = Neighbours.of(task.asked(), task.sheet()).stream()
                    .filter(n -> n.way() == way)
                    .toList();
            if (ways.isEmpty()) {
                return Optional.empty();
            }
            Swatch swatch = Swatch.bare(PAPER);
            for (Layer layer : ways.get(random.nextInt(ways.size())).layers()) {
                swatch = swatch.with(drawn(layer));
            }
            Lab c = swatch.colour();
            Lab read = new Lab(
                    Math.max(0, c.lightness() + READ_LIGHTNESS * random.nextGaussian()),
                    c.a() + READ_LIGHTNESS * random.nextGaussian(),
                    c.b() + READ_LIGHTNESS * random.nextGaussian());
            double specks = Math.max(0, 100 * swatch.specks() + READ_SPECKS * random.nextGaussian());
            return Optional.of(new Seen(read, 1.96 * READ_LIGHTNESS, specks, 1.96 * READ_SPECKS));
        }

        private Layer drawn(Layer layer) {
            if (!(layer instanceof Layer.Colour c)) {
                return layer;
            }
            double pressure = c.pass().pressure() * weight * Math.exp(0.07 * random.nextGaussian());
            double point = c.pass().point() + 0.08 * random.nextGaussian();
            return new Layer.Colour(
                    new Pass(
                            real(c.pass().pencil()),
                            Math.min(1, pressure),
                            Math.max(0, Math.min(1, point)),
                            c.pass().stroke()),
                    c.passes());
        }
    }

    /** How often habits were named rightly and wrongly, by way, and single fields wrongly. */
    private static final class Trial {
        private final Map<MistakeVariant, Integer> right = new EnumMap<>(MistakeVariant.class);
        private int wrong;
        private int fields;
        private int said;
        private int fieldsWrong;

        Trial(int fieldsEach) {
            for (int seed = 0; seed < EACH * MistakeVariant.values().length; seed++) {
                student(new Student(seed), MistakeVariant.values()[seed % MistakeVariant.values().length], fieldsEach);
            }
        }

        private void student(Student student, MistakeVariant way, int fieldsEach) {
            List<Likelihoods> read = new ArrayList<>();
            while (read.size() < fieldsEach) {
                Task task = TASKS.get(student.random.nextInt(TASKS.size()));
                student.draw(task, way).ifPresent(s -> read.add(task.inversion().likelihoods(s)));
            }
            for (Likelihoods one : read) {
                Optional<MistakeKind> alone = Habit.ofField(one);
                fields++;
                said += alone.isPresent() ? 1 : 0;
                fieldsWrong += alone.filter(d -> d != way.deed()).isPresent() ? 1 : 0;
            }
            Optional<MistakeKind> told = Habit.of(read);
            right.merge(way, told.filter(way.deed()::equals).isPresent() ? 1 : 0, Integer::sum);
            wrong += told.filter(d -> d != way.deed()).isPresent() ? 1 : 0;
        }

        double right(Set<MistakeVariant> ways) {
            return ways.stream().mapToInt(right::get).sum() / (double) (EACH * ways.size());
        }

        double wrong() {
            return wrong / (double) (EACH * MistakeVariant.values().length);
        }

        void print(int fieldsEach) {
            Sample.note(
                    "habits over %d fields: plain ones named right %.0f %%, all %.0f %%, wrong %.1f %%; single fields said %.0f %%,"
                            + " wrong %.1f %%; by way %s",
                    fieldsEach,
                    100 * right(PLAIN),
                    100 * right(EnumSet.allOf(MistakeVariant.class)),
                    100 * wrong(),
                    100.0 * said / fields,
                    100.0 * fieldsWrong / fields,
                    right);
        }
    }

    @Test
    void aPlainHabitIsNamedFromThreeFieldsAndHardlyAnyWrongly() {
        Trial three = new Trial(3);
        three.print(3);
        assertThat(three.right(PLAIN)).isGreaterThanOrEqualTo(0.8);
        assertThat(three.wrong()).isLessThanOrEqualTo(0.05);
    }

    @Test
    void sixFieldsTellNearlyEveryHabitAndASingleOneIsHardlyEverWrong() {
        Trial six = new Trial(6);
        six.print(6);
        assertThat(six.right(EnumSet.allOf(MistakeVariant.class))).isGreaterThanOrEqualTo(0.8);
        assertThat(six.wrong()).isLessThanOrEqualTo(0.05);
        assertThat(six.fieldsWrong / (double) six.fields).isLessThanOrEqualTo(0.05);
    }

    @Test
    void twoFieldsAreNoHabit() {
        Likelihoods harder = new Likelihoods(Map.of(
                MistakeVariant.AS_ASKED, -4.0, MistakeVariant.ALL_HARDER, -0.5, MistakeVariant.TOP_LIGHTER, -5.0));
        assertThat(Habit.of(List.of(harder, harder))).isEmpty();
        assertThat(Habit.of(List.of(harder, harder, harder))).contains(MistakeKind.TOO_MUCH);
        Likelihoods either = new Likelihoods(Map.of(
                MistakeVariant.AS_ASKED, -0.6, MistakeVariant.ALL_HARDER, -0.5, MistakeVariant.TOP_LIGHTER, -5.0));
        assertThat(Habit.of(List.of(either, either, either)))
                .as("silence is a result")
                .isEmpty();
    }

    @Test
    void theNearestWayOfADeedShowsWhatItLooksLike() {
        Task task = TASKS.get(0);
        Seen seen = new Student(1).draw(task, MistakeVariant.TOP_MISSING).orElseThrow();
        Inversion.Explanation found = task.inversion().nearest(MistakeKind.LAYER_MISSING, seen);
        assertThat(found.layers()).hasSize(task.asked().size() - 1);
        assertThat(ColourDifference.ciede2000(found.colour(), seen.colour())).isLessThan(6);
    }
}
