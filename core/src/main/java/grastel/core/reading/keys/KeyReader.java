package grastel.core.reading.keys;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.keys.ColourCorrection.Pair;
import grastel.core.reading.light.EvenPage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Reads the key boxes and finds the page's colour correction. A key box tells hue and chroma, not how hard it was pressed: each
 * is compared with its pencil where that is as light. A box far from its own pencil counts for little, so that one wrong
 * pencil does not bend the colours of the page.
 */
public final class KeyReader {
    private static final double INSIDE_MM = 0.8;
    private static final double PX_PER_MM = 6;
    /** A key box lighter than this below the paper was left empty, L*. */
    private static final double FILLED = 4;

    private static final int FEWEST = 3;
    private static final int ROUNDS = 4;
    /** Standard errors by which keys must gain. */
    private static final double SURE = 1.5;
    /** Distance at which a key box counts half, ΔE00. */
    private static final double HALF_WEIGHT = 6;
    /** Another pencil must be nearer by this to be named, ΔE00, and by twice the correction's own residual. */
    private static final double CLEARLY = 3;
    /** A key box asked to have this chroma shows colour in any picture that has colour. */
    private static final double CLEAR_COLOUR = 15;

    private static final double GREYED = 0.35;

    private final LinearRgb paper;
    private final List<Key> keys = new ArrayList<>();

    /** A filled key box. */
    private record Key(int pencil, LinearRgb seen, KeyColour ink) {
        /** Chroma of its pencil at the value seen. */
        double chromaAsked() {
            return KeyColour.lab(ink.asLightAs(seen)).chroma();
        }

        /** How far from its pencil, seen through a correction. */
        double off(ColourCorrection fix) {
            LinearRgb now = fix.of(seen);
            return distance(now, ink.asLightAs(now));
        }
    }

    /** The correction and what led to it. @param grey true for a picture without colour */
    public record Result(ColourCorrection fix, KeyReport report, boolean grey) {}

    private KeyReader(LinearRgb paper) {
        this.paper = paper;
    }

    /**
     * @param inks by place in the sheet's list of pencils; empty where the colours of keys are not known
     * @param kit other pencils that could have been taken by mistake
     */
    public static Result read(
            EvenPage page, List<PageLayout.Key> boxes, List<KeyColour> inks, List<KeyColour> kit, LinearRgb paper) {
        KeyReader reader = new KeyReader(paper);
        double bare = KeyColour.lab(paper).lightness();
        for (PageLayout.Key box : boxes) {
            if (box.pencil() < inks.size()) {
                LinearRgb seen = mean(page, box.rect().inset(INSIDE_MM));
                if (bare - KeyColour.lab(seen).lightness() > FILLED) {
                    reader.keys.add(new Key(box.pencil(), seen, inks.get(box.pencil())));
                }
            }
        }
        return reader.isGrey() ? new Result(ColourCorrection.NONE, KeyReport.NONE, true) : reader.result(kit);
    }

    /** True where key boxes of clear colours are all without colour: a copy in black and white. */
    private boolean isGrey() {
        List<Key> clear =
                keys.stream().filter(k -> k.chromaAsked() > CLEAR_COLOUR).toList();
        return !clear.isEmpty()
                && clear.stream().allMatch(k -> KeyColour.lab(k.seen()).chroma() < GREYED * k.chromaAsked());
    }

    private Result result(List<KeyColour> kit) {
        if (keys.isEmpty()) {
            return new Result(ColourCorrection.NONE, KeyReport.NONE, false);
        }
        ColourCorrection fix = fit();
        if (!isSureGain(fix)) {
            fix = ColourCorrection.NONE;
        }
        double before = meanOff(ColourCorrection.NONE);
        double after = meanOff(fix);
        List<KeyReport.Suspect> suspects = suspects(fix, kit);
        return new Result(fix, new KeyReport(keys.size() - suspects.size(), before, after, suspects), false);
    }

    private ColourCorrection fit() {
        ColourCorrection fix = ColourCorrection.NONE;
        for (int round = 0; round < ROUNDS; round++) {
            List<Pair> pairs = new ArrayList<>();
            for (Key key : keys) {
                double off = key.off(fix) / HALF_WEIGHT;
                pairs.add(new Pair(key.seen(), key.ink().asLightAs(key.seen()), 1 / (1 + off * off)));
            }
            fix = ColourCorrection.fit(pairs, paper);
        }
        return fix;
    }

    /** Whether the keys agree that a correction helps: what it gains is more than its own standard error allows for. */
    private boolean isSureGain(ColourCorrection fix) {
        double[] gains = keys.stream()
                .mapToDouble(k -> k.off(ColourCorrection.NONE) - k.off(fix))
                .toArray();
        double mean = Arrays.stream(gains).average().orElse(0);
        double squares = Arrays.stream(gains).map(g -> (g - mean) * (g - mean)).sum();
        double error = Math.sqrt(squares / Math.max(1, gains.length - 1) / gains.length);
        return gains.length >= FEWEST && mean > SURE * error && mean > 0;
    }

    private double meanOff(ColourCorrection fix) {
        return keys.stream().mapToDouble(k -> k.off(fix)).average().orElse(0);
    }

    private List<KeyReport.Suspect> suspects(ColourCorrection fix, List<KeyColour> kit) {
        double[] offs = keys.stream().mapToDouble(k -> k.off(fix)).sorted().toArray();
        double usual = offs[(offs.length - 1) / 2];
        List<KeyReport.Suspect> suspects = new ArrayList<>();
        for (Key key : keys) {
            LinearRgb now = fix.of(key.seen());
            double own = key.off(fix);
            KeyColour nearest = key.ink();
            double least = own;
            for (KeyColour other : kit) {
                double off = distance(now, other.asLightAs(now));
                if (off < least) {
                    least = off;
                    nearest = other;
                }
            }
            if (own - least > CLEARLY + 2 * usual) {
                suspects.add(new KeyReport.Suspect(key.pencil(), nearest.name(), own - least));
            }
        }
        return suspects;
    }

    private static double distance(LinearRgb one, LinearRgb other) {
        Lab a = KeyColour.lab(one);
        return ColourDifference.ciede2000(a, KeyColour.lab(other));
    }

    private static LinearRgb mean(EvenPage page, Rect area) {
        int across = (int) Math.max(1, Math.round(area.width() * PX_PER_MM));
        int down = (int) Math.max(1, Math.round(area.height() * PX_PER_MM));
        EvenPage.Lines lines = page.lines(area.x() + 0.5 / PX_PER_MM, 1 / PX_PER_MM, across);
        double[] sum = new double[3];
        for (int y = 0; y < down; y++) {
            lines.read(area.y() + (y + 0.5) / PX_PER_MM);
            for (int i = 0; i < lines.rgb.length; i++) {
                sum[i % 3] += Math.max(0, lines.rgb[i]);
            }
        }
        double n = (double) across * down;
        return new LinearRgb(sum[0] / n, sum[1] / n, sum[2] / n);
    }
}
