package grastel.core.judging;

import grastel.core.checks.Require;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.GoalFields.Change;
import grastel.core.judging.Measure.PlannedVersusMeasured;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What a student filled of a goal's fields. Families, changes and places in a row are found by the names of their fields, so
 * that an empty field leaves out only what it belongs to.
 *
 * @param of the fields as what they are to the goal
 * @param asked every field of the goal by its id
 * @param filled those that were filled, or are to be left bare, by their ids
 */
record JudgedFields(GoalFields of, Map<String, FieldPlan> asked, Map<String, PlannedVersusMeasured> filled) {
    /** A family all of whose fields are filled. */
    record Family(PlannedVersusMeasured tint, PlannedVersusMeasured hue, PlannedVersusMeasured shade) {}

    /** A change both of whose fields are filled. */
    record Changed(PlannedVersusMeasured plain, PlannedVersusMeasured changed) {}

    /** A filled field of a row. @param place in the row, from 0, whether or not those before it are filled */
    record Placed(int place, PlannedVersusMeasured field) {}

    boolean isComplete() {
        return filled.size() == of.all().size();
    }

    /** The filled fields. */
    List<PlannedVersusMeasured> each() {
        return of.all().stream().map(filled::get).filter(Objects::nonNull).toList();
    }

    /** The filled fields of a row. */
    List<Placed> row() {
        List<String> all = of.all();
        return all.stream()
                .filter(filled::containsKey)
                .map(id -> new Placed(all.indexOf(id), Require.key(filled, id)))
                .toList();
    }

    /** L* asked for at the ends of a row, filled or not; at least 1 apart. */
    double reach() {
        return Math.max(1, askedAt(0) - askedAt(of.all().size() - 1));
    }

    double askedAt(int place) {
        return Require.key(asked, of.all().get(place)).askedLightness();
    }

    List<Family> families() {
        return ((GoalFields.Families) of)
                .families().stream()
                        .filter(f -> hasAll(f.tint(), f.hue(), f.shade()))
                        .map(f -> new Family(
                                Require.key(filled, f.tint()),
                                Require.key(filled, f.hue()),
                                Require.key(filled, f.shade())))
                        .toList();
    }

    List<Changed> changes() {
        return ((GoalFields.Changes) of)
                .changes().stream().map(this::changed).flatMap(Optional::stream).toList();
    }

    Optional<Changed> changed(Change change) {
        return hasAll(change.plain(), change.changed())
                ? Optional.of(new Changed(Require.key(filled, change.plain()), Require.key(filled, change.changed())))
                : Optional.empty();
    }

    private boolean hasAll(String... fields) {
        return filled.keySet().containsAll(List.of(fields));
    }
}
