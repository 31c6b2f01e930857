package grastel.core.exercise.plan;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * The fields a goal is read from, as what they are to it. Fields are named by their ids. Which of them a student left empty
 * is seen by name, never by place in a list.
 */
public sealed interface GoalFields {
    /** All fields, each once. */
    List<String> all();

    /** The fields it takes to see whether one of them is right, that one among them. */
    default List<String> shownWith(String field) {
        return all();
    }

    /** The same with every field named otherwise. */
    GoalFields named(UnaryOperator<String> name);

    /** Fields that stand each for itself: the worst of them counts, the best of several tries, or all together. */
    record Each(List<String> fields) implements GoalFields {
        public Each {
            fields = List.copyOf(fields);
        }

        @Override
        public List<String> all() {
            return fields;
        }

        @Override
        public List<String> shownWith(String field) {
            return List.of(field);
        }

        @Override
        public Each named(UnaryOperator<String> name) {
            return new Each(renamed(fields, name));
        }
    }

    /** Fields that step one way: from light to dark, or from colour to grey. */
    record Row(List<String> fields) implements GoalFields {
        public Row {
            fields = List.copyOf(fields);
        }

        @Override
        public List<String> all() {
            return fields;
        }

        @Override
        public List<String> shownWith(String field) {
            int at = fields.indexOf(field);
            return fields.subList(Math.max(0, at - 1), Math.min(fields.size(), at + 2));
        }

        @Override
        public Row named(UnaryOperator<String> name) {
            return new Row(renamed(fields, name));
        }
    }

    /** A colour with its tint and its shade. */
    record Family(String tint, String hue, String shade) {
        public Stream<String> fields() {
            return Stream.of(tint, hue, shade);
        }
    }

    record Families(List<Family> families) implements GoalFields {
        public Families {
            families = List.copyOf(families);
        }

        @Override
        public List<String> all() {
            return families.stream().flatMap(Family::fields).toList();
        }

        @Override
        public List<String> shownWith(String field) {
            return families.stream()
                    .filter(f -> f.fields().anyMatch(field::equals))
                    .flatMap(Family::fields)
                    .toList();
        }

        @Override
        public Families named(UnaryOperator<String> name) {
            return new Families(families.stream()
                    .map(f -> new Family(name.apply(f.tint()), name.apply(f.hue()), name.apply(f.shade())))
                    .toList());
        }
    }

    /** A field as it is and the same with something done to it. */
    record Change(String plain, String changed) {
        public Stream<String> fields() {
            return Stream.of(plain, changed);
        }

        private Change named(UnaryOperator<String> name) {
            return new Change(name.apply(plain), name.apply(changed));
        }
    }

    record Changes(List<Change> changes) implements GoalFields {
        public Changes {
            changes = List.copyOf(changes);
        }

        @Override
        public List<String> all() {
            return changes.stream().flatMap(Change::fields).toList();
        }

        @Override
        public Changes named(UnaryOperator<String> name) {
            return new Changes(changes.stream().map(c -> c.named(name)).toList());
        }
    }

    /** A cool field warmed and a warm one cooled. */
    record Temperatures(Change warmed, Change cooled) implements GoalFields {
        @Override
        public List<String> all() {
            return Stream.concat(warmed.fields(), cooled.fields()).toList();
        }

        @Override
        public Temperatures named(UnaryOperator<String> name) {
            return new Temperatures(warmed.named(name), cooled.named(name));
        }
    }

    /** A field that is to stand out among others. */
    record Among(String field, List<String> others) implements GoalFields {
        public Among {
            others = List.copyOf(others);
        }

        @Override
        public List<String> all() {
            return Stream.concat(Stream.of(field), others.stream()).toList();
        }

        @Override
        public Among named(UnaryOperator<String> name) {
            return new Among(name.apply(field), renamed(others, name));
        }
    }

    private static List<String> renamed(List<String> fields, UnaryOperator<String> name) {
        return fields.stream().map(name).toList();
    }

    static Each each(List<FieldPlan> fields) {
        return new Each(ids(fields));
    }

    /** @param fields from light to dark, or from colour to grey */
    static Row row(List<FieldPlan> fields) {
        return new Row(ids(fields));
    }

    static Family family(FieldPlan tint, FieldPlan hue, FieldPlan shade) {
        return new Family(tint.id(), hue.id(), shade.id());
    }

    static Change change(FieldPlan plain, FieldPlan changed) {
        return new Change(plain.id(), changed.id());
    }

    static Among among(FieldPlan field, List<FieldPlan> others) {
        return new Among(field.id(), ids(others));
    }

    private static List<String> ids(List<FieldPlan> fields) {
        return fields.stream().map(FieldPlan::id).toList();
    }
}
