package grastel.core.recipe;

import grastel.core.recipe.MethodAnswer.Question;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How a class is taught: one {@link MethodAnswer} for each {@link Question}. Recipes, the order of steps, advice and cautions obey
 * it. Questions left open get their first answer.
 */
public record Method(List<MethodAnswer> answers) {
    public static final Method USUAL = new Method(List.of());

    /** @throws IllegalArgumentException if a question is answered twice */
    public Method {
        answers = complete(answers);
    }

    public boolean has(MethodAnswer answer) {
        return answers.contains(answer);
    }

    public MethodAnswer answer(Question question) {
        return answers.get(question.ordinal());
    }

    /** What counts in coming near a reference. */
    public Target.Closeness closeness() {
        return has(MethodAnswer.VALUES_RIGHT) ? Target.Closeness.VALUE_FIRST : Target.Closeness.COLOUR;
    }

    /** This method with one question answered otherwise. */
    public Method with(MethodAnswer answer) {
        return new Method(answers.stream()
                .map(a -> a.question() == answer.question() ? answer : a)
                .toList());
    }

    private static List<MethodAnswer> complete(Collection<MethodAnswer> given) {
        Map<Question, MethodAnswer> answers = new EnumMap<>(Question.class);
        for (MethodAnswer answer : given) {
            MethodAnswer before = answers.put(answer.question(), answer);
            if (before != null) {
                throw new IllegalArgumentException(
                        "One answer for " + answer.question() + ", given " + before + " and " + answer);
            }
        }
        return Arrays.stream(Question.values())
                .map(q -> answers.getOrDefault(q, q.answers().get(0)))
                .toList();
    }
}
