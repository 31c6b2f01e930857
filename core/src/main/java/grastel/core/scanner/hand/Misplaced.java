package grastel.core.scanner.hand;

import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Tone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** A picture's tones where students put them who do not look: what lies where, cell by cell, other than the plan has it. */
final class Misplaced {
    /** What differs by more stands off, L*. */
    private static final double STANDS_OFF = 10;

    /** Where a border is hardened, cells from it. */
    private static final int BORDER = 6;

    private final PicturePlan plan;
    private final byte[] places;

    Misplaced(PicturePlan plan) {
        this.plan = plan;
        this.places = plan.places();
    }

    /** Darks and lights both as one tone between. */
    byte[] middled() {
        double mean = plan.tones().stream()
                .mapToDouble(t -> t.share() * t.predicted().lightness())
                .sum();
        int[] nearest = new int[plan.tones().size()];
        for (int i = 0; i < nearest.length; i++) {
            Tone tone = plan.tones().get(i);
            double wanted = mean + 0.35 * (tone.predicted().lightness() - mean);
            nearest[i] = plan.tones()
                    .indexOf(plan.tones().stream()
                            .filter(t -> !t.recipe().steps().isEmpty())
                            .min(Comparator.comparingDouble(t ->
                                    Math.abs(t.predicted().lightness() - wanted) + (t.zone() == tone.zone() ? 0 : 2)))
                            .orElseThrow());
        }
        return replaced(nearest);
    }

    private byte[] replaced(int[] tones) {
        byte[] other = new byte[places.length];
        for (int i = 0; i < other.length; i++) {
            other[i] = (byte) (PicturePlan.BETWEEN * tones[plan.tones().indexOf(plan.tone(places[i]))]);
        }
        return other;
    }

    /** What was to stay bare has the lightest tone that is not. */
    byte[] covered() {
        int[] tones = IntStream.range(0, plan.tones().size()).toArray();
        for (int i = 0; i < tones.length; i++) {
            Tone tone = plan.tones().get(i);
            if (tone.recipe().steps().isEmpty()) {
                boolean own = i + 1 < tones.length && plan.tones().get(i + 1).zone() == tone.zone();
                tones[i] = own ? i + 1 : lightest();
            }
        }
        byte[] other = places.clone();
        for (int i = 0; i < other.length; i++) {
            int at = other[i] & 255;
            int tone = at / PicturePlan.BETWEEN;
            if (plan.tones().get(tone).recipe().steps().isEmpty()) {
                other[i] = (byte) (PicturePlan.BETWEEN * tones[tone]);
            }
        }
        return other;
    }

    /** Of the tones well below paper the lightest. */
    private int lightest() {
        double bare = plan.tones().stream()
                .mapToDouble(t -> t.predicted().lightness())
                .max()
                .orElseThrow();
        return IntStream.range(0, plan.tones().size())
                .filter(i -> !plan.tones().get(i).recipe().steps().isEmpty())
                .filter(i -> plan.tones().get(i).predicted().lightness() < bare - 8)
                .boxed()
                .max(Comparator.comparingDouble(
                        i -> plan.tones().get(i).predicted().lightness()))
                .orElse(0);
    }

    byte[] outlined() {
        int darkest = IntStream.range(0, plan.tones().size())
                .boxed()
                .min(Comparator.comparingDouble(
                        i -> plan.tones().get(i).predicted().lightness()))
                .orElseThrow();
        byte[] other = places.clone();
        for (int i = 0; i < other.length; i++) {
            int zone = plan.tone(places[i]).zone();
            boolean right = i % plan.columns() + 1 < plan.columns()
                    && plan.tone(places[i + 1]).zone() != zone;
            boolean below = i + plan.columns() < places.length
                    && plan.tone(places[i + plan.columns()]).zone() != zone;
            if (right || below) {
                other[i] = (byte) (PicturePlan.BETWEEN * darkest);
            }
        }
        return other;
    }

    /** The zone that lies along most of the frame. */
    private int ground() {
        Map<Integer, Integer> along = new HashMap<>();
        for (int i = 0; i < places.length; i++) {
            int x = i % plan.columns();
            int y = i / plan.columns();
            if (x == 0 || y == 0 || x == plan.columns() - 1 || y == plan.rows() - 1) {
                along.merge(plan.tone(places[i]).zone(), 1, Integer::sum);
            }
        }
        return Collections.max(along.entrySet(), Map.Entry.comparingByValue()).getKey();
    }

    /** The ground drawn in the tone nearest to what it was to stand off from. */
    byte[] groundLost() {
        int ground = ground();
        List<Double> beside = new ArrayList<>();
        for (int i = 0; i + plan.columns() < places.length; i++) {
            for (int other : new int[] {i + 1, i + plan.columns()}) {
                boolean here = plan.tone(places[i]).zone() == ground;
                double one = plan.predicted(places[i]).lightness();
                double two = plan.predicted(places[other]).lightness();
                if (here != (plan.tone(places[other]).zone() == ground) && Math.abs(one - two) > STANDS_OFF) {
                    beside.add(here ? two : one);
                }
            }
        }
        Collections.sort(beside);
        if (beside.isEmpty()) {
            return places;
        }
        double wanted = beside.get(beside.size() / 2);
        int nearest = IntStream.range(0, plan.tones().size())
                .boxed()
                .min(Comparator.comparingDouble(
                        i -> Math.abs(plan.tones().get(i).predicted().lightness() - wanted)))
                .orElseThrow();
        byte[] other = places.clone();
        for (int i = 0; i < other.length; i++) {
            if (plan.tone(places[i]).zone() == ground) {
                other[i] = (byte) (PicturePlan.BETWEEN * nearest);
            }
        }
        return other;
    }

    /** Along each border the zone behind it is deepened, as one does who parts shapes that the plan lets run together. */
    byte[] hardened() {
        int[] darkest = darkest();
        byte[] other = places.clone();
        for (int i = 0; i < other.length; i++) {
            if (isBeside(i)) {
                other[i] = (byte)
                        (PicturePlan.BETWEEN * darkest[plan.tone(places[i]).zone()]);
            }
        }
        return other;
    }

    /** The darkest tone of each zone. */
    private int[] darkest() {
        int[] darkest = new int[PicturePlan.MOST_TONES + 1];
        for (int i = 0; i < plan.tones().size(); i++) {
            darkest[plan.tones().get(i).zone()] = i;
        }
        return darkest;
    }

    /** True near a zone with a lower number. */
    private boolean isBeside(int i) {
        for (int row = -BORDER; row <= BORDER; row++) {
            for (int column = -BORDER; column <= BORDER; column++) {
                if (isInside(i, column, row)
                        && plan.tone(places[i + row * plan.columns() + column]).zone()
                                < plan.tone(places[i]).zone()) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean isInside(int i, int across, int down) {
        int x = i % plan.columns() + across;
        int y = i / plan.columns() + down;
        return x >= 0 && y >= 0 && x < plan.columns() && y < plan.rows();
    }

    /** Light and shadow of each zone from the other side. */
    byte[] turned() {
        int zones = plan.tones().get(plan.tones().size() - 1).zone();
        int[] from = IntStream.generate(plan::columns).limit(zones + 1).toArray();
        int[] to = new int[zones + 1];
        for (int i = 0; i < places.length; i++) {
            int zone = plan.tone(places[i]).zone();
            from[zone] = Math.min(from[zone], i % plan.columns());
            to[zone] = Math.max(to[zone], i % plan.columns());
        }
        byte[] other = new byte[places.length];
        for (int i = 0; i < other.length; i++) {
            int zone = plan.tone(places[i]).zone();
            int mirrored = i - i % plan.columns() + from[zone] + to[zone] - i % plan.columns();
            boolean same = plan.tone(places[mirrored]).zone() == zone;
            other[i] = places[same ? mirrored : i];
        }
        return other;
    }
}
