package grastel.core.inversion;

import grastel.core.checks.Require;
import grastel.core.inversion.Inversion.Likelihoods;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a hand does again and again, from several fields; of one field what it alone says. Named only where it is {@value #FACTOR}
 * times likelier than the next: else nothing is said.
 */
public final class Habit {
    /** So many times likelier than the next. */
    public static final double FACTOR = 3;
    /** Fewer fields are no habit. */
    public static final int FEWEST = 3;

    private Habit() {}

    /** What a single field says. */
    public static Optional<MistakeKind> ofField(Likelihoods field) {
        return named(List.of(field));
    }

    /** What {@value #FEWEST} fields or more say together; nothing where there are fewer. */
    public static Optional<MistakeKind> of(Collection<Likelihoods> fields) {
        return fields.size() < FEWEST ? Optional.empty() : named(fields);
    }

    private static Optional<MistakeKind> named(Collection<Likelihoods> fields) {
        MistakeKind best = null;
        double first = Double.NEGATIVE_INFINITY;
        double second = Double.NEGATIVE_INFINITY;
        for (Map.Entry<MistakeKind, Double> e : together(fields).entrySet()) {
            if (e.getValue() > first) {
                second = first;
                first = e.getValue();
                best = e.getKey();
            } else {
                second = Math.max(second, e.getValue());
            }
        }
        return best != null && first - second > Math.log(FACTOR) ? Optional.of(best) : Optional.empty();
    }

    /** One way behind all fields, of a deed the mean of its ways. */
    private static Map<MistakeKind, Double> together(Collection<Likelihoods> fields) {
        Map<MistakeKind, List<Double>> ways = new EnumMap<>(MistakeKind.class);
        for (MistakeVariant way : MistakeVariant.values()) {
            long able = fields.stream().filter(f -> f.ways().containsKey(way)).count();
            if (able >= Math.min(FEWEST, fields.size())) {
                double sum = fields.stream().mapToDouble(f -> of(f, way)).sum();
                ways.computeIfAbsent(way.deed(), d -> new ArrayList<>()).add(sum);
            }
        }
        Map<MistakeKind, Double> deeds = new EnumMap<>(MistakeKind.class);
        ways.forEach((deed, of) -> deeds.put(deed, Inversion.mean(of)));
        return deeds;
    }

    /** Where a field's recipe leaves no room for a way, who goes it draws the field as asked. */
    private static double of(Likelihoods field, MistakeVariant way) {
        return field.ways().getOrDefault(way, Require.key(field.ways(), MistakeVariant.AS_ASKED));
    }
}
