package grastel.core.page;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.random.RandomGenerator;

/**
 * Names one printed page: which print run and which page of it. Says nothing about the student to a stranger. Written as
 * {@code RRRRRRRR-NNN-C}: eight letters and digits of the run, the page number, a check character.
 *
 * @param run eight characters of {@link #ALPHABET}
 * @param page 1…999
 */
public record PageCode(String run, int page) {
    /** Digits and capitals without I, L, O and U, which are misread. */
    public static final String ALPHABET = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";

    /** Page numbers have three digits. */
    public static final int MOST_PAGES = 999;

    private static final int RUN_LENGTH = 8;
    private static final int CHECK_MODULUS = 31;

    public PageCode {
        if (run == null || run.length() != RUN_LENGTH || run.chars().anyMatch(c -> ALPHABET.indexOf(c) < 0)) {
            throw new IllegalArgumentException("A run is eight characters of " + ALPHABET + ", was " + run);
        }
        if (page < 1 || page > MOST_PAGES) {
            throw new IllegalArgumentException("A page number is 1…999, was " + page);
        }
    }

    /** A new name for a print run. */
    public static String newRun(RandomGenerator random) {
        StringBuilder run = new StringBuilder();
        for (int i = 0; i < RUN_LENGTH; i++) {
            run.append(ALPHABET.charAt(random.nextInt(ALPHABET.length())));
        }
        return run.toString();
    }

    /** The code as printed for people and as held by the square code. */
    @Override
    public String toString() {
        String number = String.format(Locale.ROOT, "%03d", page);
        return run + "-" + number + "-" + check(run + number);
    }

    /** Reads a code, however its letters are cased or its dashes set; empty if it is none of ours or mistyped. */
    public static Optional<PageCode> parse(String text) {
        String plain = text.toUpperCase(Locale.ROOT).replaceAll("[\\s-]", "");
        if (!plain.matches("[" + ALPHABET + "]{8}[0-9]{3}[" + ALPHABET + "]")) {
            return Optional.empty();
        }
        String body = plain.substring(0, 11);
        int page = Integer.parseInt(plain.substring(8, 11));
        if (page < 1 || plain.charAt(11) != check(body)) {
            return Optional.empty();
        }
        return Optional.of(new PageCode(plain.substring(0, RUN_LENGTH), page));
    }

    /** Weighted sum modulo a prime: catches every single wrong character (but 0 for Z) and nearly every swap of neighbours. */
    private static char check(String body) {
        int sum = 0;
        for (int i = 0; i < body.length(); i++) {
            sum = (sum + (i + 2) * ALPHABET.indexOf(body.charAt(i))) % CHECK_MODULUS;
        }
        return ALPHABET.charAt(sum);
    }

    /** Rows of the QR code (ISO/IEC 18004) that holds this code, error correction level Q. */
    List<String> squareRows() {
        return SquareCode.rows(toString());
    }
}
