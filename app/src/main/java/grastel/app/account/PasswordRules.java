package grastel.app.account;

import static grastel.core.words.Words.say;

import com.nulabinc.zxcvbn.Strength;
import com.nulabinc.zxcvbn.Zxcvbn;
import grastel.app.platform.ApiProblem;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** A password must be long and hard to guess, also for someone who knows the teacher's name. */
final class PasswordRules {
    private static final int SHORTEST = 10;
    private static final int LONGEST = 200;
    /** zxcvbn's scale is 0…4; 3 withstands slow guessing of a stolen hash for years. */
    private static final int LEAST_SCORE = 3;

    private PasswordRules() {}

    static void require(String password, String... known) {
        if (password.length() < SHORTEST) {
            throw ApiProblem.invalid("password", "TOO_SHORT", say("problem.use-at-least-characters", SHORTEST));
        }
        if (password.length() > LONGEST) {
            throw ApiProblem.invalid("password", "TOO_LONG", say("problem.use-at-most-characters", LONGEST));
        }
        String lower = password.toLowerCase(Locale.ROOT);
        boolean named = Arrays.stream(
                        String.join(" ", known).toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .anyMatch(word -> word.length() >= 4 && lower.contains(word));
        if (named) {
            throw ApiProblem.invalid("password", "HOLDS_NAME", say("problem.leave-your-name-and"));
        }
        Strength strength = new Zxcvbn().measure(password, List.of(known));
        if (strength.getScore() < LEAST_SCORE) {
            throw ApiProblem.invalid("password", "TOO_WEAK", say("problem.this-is-easy-to"));
        }
    }
}
