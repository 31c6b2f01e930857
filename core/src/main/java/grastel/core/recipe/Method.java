package grastel.core.recipe;

import grastel.core.recipe.School.Question;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How a class is taught: one {@link School} for each {@link Question}. Recipes, the order of steps, advice and cautions obey
 * it. Questions left open get their first answer.
 */
public record Method(List<School> schools) {
    public static final Method USUAL = new Method(List.of());

    /** @throws IllegalArgumentException if a question is answered twice */
    public Method {
        schools = complete(schools);
    }

    public boolean has(School school) {
        return schools.contains(school);
    }

    public School answer(Question question) {
        return schools.get(question.ordinal());
    }

    /** What counts in coming near a reference. */
    public Target.Closeness closeness() {
        return has(School.VALUES_RIGHT) ? Target.Closeness.VALUE_FIRST : Target.Closeness.COLOUR;
    }

    /** This method with one question answered otherwise. */
    public Method with(School school) {
        return new Method(schools.stream()
                .map(s -> s.question() == school.question() ? school : s)
                .toList());
    }

    private static List<School> complete(Collection<School> given) {
        Map<Question, School> answers = new EnumMap<>(Question.class);
        for (School school : given) {
            School before = answers.put(school.question(), school);
            if (before != null) {
                throw new IllegalArgumentException(
                        "One answer for " + school.question() + ", given " + before + " and " + school);
            }
        }
        return Arrays.stream(Question.values())
                .map(q -> answers.getOrDefault(q, q.answers().get(0)))
                .toList();
    }
}
