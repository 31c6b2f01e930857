package grastel.core.inversion;

import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.inversion.Inversion.Explanation;
import grastel.core.inversion.Inversion.Likelihoods;
import grastel.core.inversion.Inversion.Seen;
import grastel.core.judging.ExpectedSpecks;
import grastel.core.layering.Layer;
import grastel.core.media.Paper;
import grastel.core.reading.fields.FieldReading;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** The fields of an exercise whose recipe can be held against what was read of them. Keeps what it has worked out of each. */
public final class PlannedFields {
    /** Where the reader sees specks so much otherwise than there are, it takes pale colour for paper: then they are no witness. */
    private static final double MOST_OTHERWISE = 10;

    private static final double NO_WITNESS = 1000;

    private final ExercisePlan plan;
    private final Paper paper;
    private final ExpectedSpecks cover;
    private final Map<String, Held> known = new ConcurrentHashMap<>();

    public PlannedFields(ExercisePlan plan, Paper paper) {
        this.plan = plan;
        this.paper = paper;
        this.cover = new ExpectedSpecks(plan, paper);
    }

    /** @param seenMore how many points more specks the reader sees in the asked swatch than it has */
    private record Held(Inversion inversion, double seenMore) {}

    /** What a field says. @param seen it as it was read */
    public record Said(String field, Inversion inversion, Seen seen, Likelihoods likelihoods) {
        /** How the recipe itself would look. */
        public Explanation asked() {
            return inversion.asked();
        }

        /** Of the ways that a deed has here, the one that comes nearest; the recipe itself where it has none. */
        public Explanation nearest(MistakeKind deed) {
            return inversion.nearest(deed, seen);
        }
    }

    /** What a reading says of how the field was drawn; nothing of fields that are empty, are no one colour, or have no recipe of colour. */
    public Optional<Said> of(FieldReading read) {
        Optional<FieldPlan> field = plan.fields().stream()
                .filter(f -> f.id().equals(read.field()) && !read.blank() && read.profile() == null)
                .filter(f -> f.even() && isOfColour(plan.layers(f, 0.5)))
                .findFirst();
        return field.map(f -> said(known.computeIfAbsent(f.id(), id -> held(f)), read));
    }

    /** Solvent, erasers and burnishers change a field in ways that no neighbour has. */
    private static boolean isOfColour(List<Layer> layers) {
        return !layers.isEmpty() && layers.stream().allMatch(Layer.Colour.class::isInstance);
    }

    private Held held(FieldPlan field) {
        Inversion inversion = Inversion.of(plan.layers(field, 0.5), paper, plan.palette());
        return new Held(inversion, cover.specks(field) - 100 * field.specks());
    }

    private static Said said(Held held, FieldReading read) {
        boolean isWitness = Math.abs(held.seenMore()) < MOST_OTHERWISE;
        Seen seen = new Seen(
                read.colour(),
                read.lightness().plusMinus(),
                Math.max(0, read.specks().value() - held.seenMore()),
                isWitness ? read.specks().plusMinus() : NO_WITNESS);
        return new Said(read.field(), held.inversion(), seen, held.inversion().likelihoods(seen));
    }
}
