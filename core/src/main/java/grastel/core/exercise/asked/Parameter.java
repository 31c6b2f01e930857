package grastel.core.exercise.asked;

import static grastel.core.words.Words.say;

import grastel.core.media.Pencil;
import grastel.core.words.Words;
import java.util.List;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Something that can be chosen for an exercise, and what may be chosen. */
public sealed interface Parameter {
    /** Stable short name, kept with the sheet. */
    String name();

    /** As the teacher sees it. */
    String label();

    /** What is taken when nothing is chosen; null where the plan chooses in view of the rest. */
    @Nullable
    Object suggested();

    /** A whole number. */
    record Whole(
            String name,
            String label,
            int least,
            int most,
            @Nullable Integer suggested) implements Parameter {}

    /** Name of the number by which a kind draws itself anew. */
    String VARIANT = "variant";

    int MOST_VARIANTS = 999;

    /** By which a kind draws itself anew, always the same again. */
    static Parameter variant() {
        return new Whole(VARIANT, say("exercise.variant"), 1, MOST_VARIANTS, 1);
    }

    /** A length in mm, or another measure with its unit in the label. */
    record Measure(
            String name,
            String label,
            double least,
            double most,
            @Nullable Double suggested) implements Parameter {}

    /** One of a few. */
    record Choice(
            String name,
            String label,
            List<Option> options,
            @Nullable String suggested) implements Parameter {
        public Choice {
            options = List.copyOf(options);
        }
    }

    /** Some of a few, in the order of the options. */
    record Several(String name, String label, List<Option> options, int least, int most, List<String> suggested)
            implements Parameter {
        public Several {
            options = List.copyOf(options);
            suggested = List.copyOf(suggested);
        }
    }

    /**
     * Lines from side to side of a frame, taken from a drawing; none where the kind draws its own. Each is four numbers, its ends,
     * in thousandths of the frame's width and height from the top left.
     */
    record Lines(String name, String label, int most) implements Parameter {
        private static final Pattern LINE = Pattern.compile("((1000|[0-9]{1,3}) ){3}(1000|[0-9]{1,3})");

        @Override
        public @Nullable Object suggested() {
            return null;
        }

        boolean isPossible(Object value) {
            return value instanceof List<?> lines
                    && !lines.isEmpty()
                    && lines.size() <= most
                    && lines.stream()
                            .allMatch(l -> l instanceof String line
                                    && LINE.matcher(line).matches());
        }
    }

    /** A pencil. @param fitting those that can do it */
    record OnePencil(
            String name,
            String label,
            List<Pencil> fitting,
            @Nullable Pencil suggested) implements Parameter {
        public OnePencil {
            fitting = List.copyOf(fitting);
        }
    }

    /** @param id stable; @param label as the teacher sees it */
    record Option(String id, String label) {
        /** One option for each constant, labelled with what it is called. */
        public static <E extends Enum<E>> List<Option> of(Class<E> constants) {
            return of(constants, Words::called);
        }

        public static <E extends Enum<E>> List<Option> of(Class<E> constants, Function<E, String> words) {
            return List.of(constants.getEnumConstants()).stream()
                    .map(c -> new Option(c.name(), words.apply(c)))
                    .toList();
        }
    }
}
