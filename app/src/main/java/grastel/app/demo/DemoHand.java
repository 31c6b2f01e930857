package grastel.app.demo;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.UUID;

/** How the demo's students draw: each alike at every start, most near what their band is used to, a few with a story. */
final class DemoHand {
    /** So much better from one sheet to the next. */
    private static final double GROWTH = 0.03;

    private DemoHand() {}

    /** @param attempt how many sheets the student drew before */
    static Hand of(ClassInfo of, UUID student, int attempt, Random random) {
        List<StudentInfo> students = of.students();
        int place = students.stream().map(StudentInfo::id).toList().indexOf(student);
        Hand usual = Hand.ofSkill(skill(of, place, attempt), random);
        String name = place < 0 ? "" : students.get(place).name();
        return switch (name) {
            case "Màiri Sutherland" -> Hand.ofSkill(Math.min(0.95, 0.25 + 0.25 * attempt), random);
            case "Tereza Dvořák" -> with(usual, 0.75, usual.pointKept(), usual.overshootMm());
            case "Ugo Bassi" -> with(usual, usual.rangeShrink(), usual.pointKept(), 2.6);
            default -> isBlunt(of, place) ? with(usual, usual.rangeShrink(), 0.25, usual.overshootMm()) : usual;
        };
    }

    /** Nine of 8 Dunlin do not sharpen. */
    private static boolean isBlunt(ClassInfo of, int place) {
        return of.name().equals("8 Dunlin") && place >= 0 && place < 18 && place % 2 == 0;
    }

    private static Hand with(Hand h, double rangeShrink, double pointKept, double overshootMm) {
        return new Hand(
                h.pressureFactor(),
                h.pressureScatter(),
                rangeShrink,
                h.patchiness(),
                pointKept,
                overshootMm,
                h.skipChance(),
                h.swing(),
                h.band());
    }

    private static double skill(ClassInfo of, int place, int attempt) {
        double usual = switch (of.band()) {
            case FIRST_STEPS -> 0.55;
            case DEVELOPING -> 0.7;
            case ADVANCED -> 0.85;
        };
        double own = usual + 0.2 * new Random(seed(of, place)).nextGaussian() + GROWTH * attempt;
        return Math.min(0.98, Math.max(0.15, own));
    }

    /** The same at every start: ids are not. Scrambled, as neighbouring seeds begin alike. */
    static long seed(ClassInfo of, int place) {
        return new SplittableRandom(1009L * seed(of.name()) + place).nextLong();
    }

    static long seed(String words) {
        return words.hashCode();
    }
}
