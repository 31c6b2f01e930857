package grastel.core.exercise.asked;

import static grastel.core.words.Words.say;

import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Chosen values by the names of their parameters: Integer, Double, String, list of String, or {@link Pencil}. */
public record ChosenValues(Map<String, Object> chosen) {
    public static final ChosenValues NONE = new ChosenValues(Map.of());

    public ChosenValues {
        chosen = Map.copyOf(chosen);
    }

    public static ChosenValues of(String name, Object value) {
        return NONE.with(name, value);
    }

    public ChosenValues with(String name, Object value) {
        Map<String, Object> more = new LinkedHashMap<>(chosen);
        more.put(name, value);
        return new ChosenValues(more);
    }

    /** Something chosen that cannot be. @param nearest the nearest possible value, or null if there is none */
    public record Problem(
            String parameter, String words, @Nullable Object nearest) {}

    /** What of these values cannot be; empty when all can. */
    public List<Problem> problems(List<Parameter> parameters) {
        List<Problem> problems = new ArrayList<>();
        for (Parameter parameter : parameters) {
            Object value = chosen.get(parameter.name());
            if (value != null) {
                problem(parameter, value).ifPresent(problems::add);
            }
        }
        chosen.keySet().stream()
                .filter(name -> parameters.stream().noneMatch(p -> p.name().equals(name)))
                .forEach(name -> problems.add(new Problem(name, say("asked.nothing-called", name), null)));
        return List.copyOf(problems);
    }

    /** These values with the suggestions of all parameters that have one and were left open. */
    public ChosenValues orSuggested(List<Parameter> parameters) {
        Map<String, Object> all = new LinkedHashMap<>(chosen);
        for (Parameter parameter : parameters) {
            if (parameter.suggested() != null) {
                all.putIfAbsent(parameter.name(), parameter.suggested());
            }
        }
        return new ChosenValues(all);
    }

    public int whole(String name) {
        return (Integer) required(name);
    }

    public double measure(String name) {
        return (Double) required(name);
    }

    public <E extends Enum<E>> E choice(String name, Class<E> constants) {
        return Enum.valueOf(constants, (String) required(name));
    }

    public List<String> several(String name) {
        return ((List<?>) required(name)).stream().map(String.class::cast).toList();
    }

    public Optional<Pencil> pencil(String name) {
        return Optional.ofNullable((Pencil) chosen.get(name));
    }

    private Object required(String name) {
        Object value = chosen.get(name);
        if (value == null) {
            throw new IllegalArgumentException("Nothing chosen for " + name);
        }
        return value;
    }

    private static Optional<Problem> problem(Parameter parameter, Object value) {
        if (parameter instanceof Parameter.Whole whole) {
            return value instanceof Integer n
                    ? outside(whole.name(), whole.label(), n, whole.least(), whole.most())
                    : wrongKind(parameter, say("asked.a-whole-number"));
        }
        if (parameter instanceof Parameter.Measure measure) {
            return value instanceof Double n
                    ? outside(measure.name(), measure.label(), n, measure.least(), measure.most())
                    : wrongKind(parameter, say("asked.a-number"));
        }
        if (parameter instanceof Parameter.Choice choice) {
            boolean there = choice.options().stream().anyMatch(o -> o.id().equals(value));
            return there ? Optional.empty() : wrongKind(parameter, say("asked.one-of", ids(choice.options())));
        }
        if (parameter instanceof Parameter.Several several) {
            return several(several, value);
        }
        if (parameter instanceof Parameter.Lines lines) {
            return lines.isPossible(value)
                    ? Optional.empty()
                    : wrongKind(parameter, say("asked.one-to-lines", lines.most()));
        }
        boolean fits = value instanceof Pencil pencil
                && ((Parameter.OnePencil) parameter).fitting().contains(pencil);
        return fits ? Optional.empty() : unfit((Parameter.OnePencil) parameter, value);
    }

    private static Optional<Problem> unfit(Parameter.OnePencil parameter, Object value) {
        String words = value instanceof Pencil p ? say("asked.pencil-cannot", p.name()) : say("asked.this-cannot");
        return Optional.of(new Problem(parameter.name(), words, parameter.suggested()));
    }

    private static Optional<Problem> outside(String name, String label, double n, double least, double most) {
        if (n >= least && n <= most) {
            return Optional.empty();
        }
        double nearest = n < least ? least : most;
        return Optional.of(new Problem(name, say("asked.outside", label, least, most, n), nearest));
    }

    private static Optional<Problem> several(Parameter.Several several, Object value) {
        if (!(value instanceof List<?> list)
                || !list.stream().allMatch(v -> several.options().stream().anyMatch(o -> o.id().equals(v)))
                || list.stream().distinct().count() != list.size()) {
            return wrongKind(several, say("asked.some-of", ids(several.options())));
        }
        if (list.size() >= several.least() && list.size() <= several.most()) {
            return Optional.empty();
        }
        String words = say("asked.outside", several.label(), several.least(), several.most(), list.size());
        return Optional.of(new Problem(several.name(), words, null));
    }

    private static Optional<Problem> wrongKind(Parameter parameter, String wanted) {
        return Optional.of(new Problem(parameter.name(), say("asked.must-be", parameter.label(), wanted), null));
    }

    private static List<String> ids(List<Parameter.Option> options) {
        return options.stream().map(Parameter.Option::id).toList();
    }
}
