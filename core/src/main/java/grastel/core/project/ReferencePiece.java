package grastel.core.project;

import grastel.core.colour.Lab;
import grastel.core.exercise.Piece.Made;
import grastel.core.exercise.Piece.Work;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.project.ZoneColours.Mixed;
import grastel.core.project.ZoneColours.Part;
import grastel.core.recipe.Method;
import grastel.core.reference.Frame;
import grastel.core.reference.Reference;
import grastel.core.reference.Zones;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/** A reference as a picture to be drawn: of every zone the tones the pencils make, and where between them each place lies. */
public final class ReferencePiece {
    /** Side of a cell, mm: a blunt pencil's line. */
    public static final double CELL_MM = 1;

    /** What is so much lighter than a zone's light is a highlight, L*. */
    private static final double HIGHLIGHT = 7;

    /** A smaller one cannot be drawn round, mm². */
    private static final double HIGHLIGHT_MM2 = 8;

    private final Reference reference;
    private final Zones zones;
    private final int columns;
    private final int rows;
    private final List<Made> tones = new ArrayList<>();
    /** Of each zone the number of its first tone and its tones' L* as wanted, the lightest first. */
    private final List<Ladder> ladders = new ArrayList<>();

    private record Ladder(int first, List<Double> lightness) {}

    private ReferencePiece(Reference reference, Zones zones, Frame frame, double cellMm) {
        this.reference = reference;
        this.zones = zones;
        this.columns = (int) Math.round(frame.widthMm() / cellMm);
        this.rows = (int) Math.round(frame.heightMm() / cellMm);
    }

    /** What the pencils make of each zone. */
    public static List<List<Mixed>> mixed(Zones zones, Paper paper, List<Pencil> pencils, Method method) {
        return zones.zones().parallelStream()
                .map(z -> ZoneColours.of(z, paper, pencils, method))
                .toList();
    }

    /**
     * @param mixed of each zone, see {@link #mixed}
     * @param cellMm side of a cell
     * @param gridColumns and gridRows to be printed faintly
     */
    public static Work work(
            Reference reference,
            Zones zones,
            Frame frame,
            Paper paper,
            List<List<Mixed>> mixed,
            double cellMm,
            int gridColumns,
            int gridRows) {
        ReferencePiece piece = new ReferencePiece(reference, zones, frame, cellMm);
        List<List<Mixed>> fitting = fitting(mixed, zones);
        for (int zone = 0; zone < fitting.size(); zone++) {
            piece.tones(zone, fitting.get(zone), paper.ground().toLab());
        }
        byte[] places = piece.places();
        return new Work(cellMm, piece.columns, piece.rows, places, piece.shared(places), gridColumns, gridRows);
    }

    /** As many tones as a picture can name, each zone with a highlight: the smallest zones go without light and shadow first. */
    private static List<List<Mixed>> fitting(List<List<Mixed>> mixed, Zones zones) {
        List<List<Mixed>> fitting = new ArrayList<>(mixed);
        List<Integer> smallestFirst = IntStream.range(0, mixed.size())
                .boxed()
                .sorted(Comparator.comparingDouble(z -> zones.zones().get(z).areaMm2()))
                .toList();
        int count = mixed.size() + mixed.stream().mapToInt(List::size).sum();
        for (int zone : smallestFirst) {
            if (count > PicturePlan.MOST_TONES) {
                count -= mixed.get(zone).size() - 1;
                fitting.set(zone, mixed.get(zone).subList(0, 1));
            }
        }
        return fitting;
    }

    private void tones(int zone, List<Mixed> mixed, Lab ground) {
        List<Mixed> sorted = new ArrayList<>(mixed);
        sorted.sort(Comparator.comparingDouble((Mixed m) -> -m.wanted().lightness()));
        double lightest = sorted.get(0).wanted().lightness();
        highlight(zone, lightest)
                .ifPresent(l -> sorted.add(0, new Mixed(Part.LIGHT, new Lab(l, 0, 0), List.of(), ground, 0)));
        ladders.add(new Ladder(
                tones.size(), sorted.stream().map(m -> m.wanted().lightness()).toList()));
        sorted.forEach(m -> tones.add(new Made(zone + 1, 0, m.wanted(), m.layers(), m.colour())));
    }

    /** L* of what gleams in a zone, if it is large enough to be drawn round: its paper is left open. @param light of the zone, L* */
    private OptionalDouble highlight(int zone, double light) {
        double[] gleaming = IntStream.range(0, reference.width() * reference.height())
                .filter(i -> zones.zone(i) == zone && reference.lightness(i) >= light + HIGHLIGHT)
                .mapToDouble(reference::lightness)
                .toArray();
        boolean drawable = gleaming.length * reference.mmPerPx() * reference.mmPerPx() >= HIGHLIGHT_MM2;
        return drawable ? Arrays.stream(gleaming).average() : OptionalDouble.empty();
    }

    private byte[] places() {
        byte[] places = new byte[columns * rows];
        for (int i = 0; i < places.length; i++) {
            int left = i % columns * reference.width() / columns;
            int right = Math.max(left + 1, (i % columns + 1) * reference.width() / columns);
            int top = i / columns * reference.height() / rows;
            int bottom = Math.max(top + 1, (i / columns + 1) * reference.height() / rows);
            int zone = zones.zone((top + bottom) / 2 * reference.width() + (left + right) / 2);
            places[i] = (byte) place(ladders.get(zone), lightness(left, right, top, bottom, zone));
        }
        return places;
    }

    /** Mean L* of what a cell has of its zone. */
    private double lightness(int left, int right, int top, int bottom, int zone) {
        double sum = 0;
        int count = 0;
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                int at = y * reference.width() + x;
                if (zones.zone(at) == zone) {
                    sum += reference.lightness(at);
                    count++;
                }
            }
        }
        return count == 0 ? reference.lightness(top * reference.width() + left) : sum / count;
    }

    private static int place(Ladder ladder, double lightness) {
        int at = 0;
        while (at + 2 < ladder.lightness().size()
                && lightness < ladder.lightness().get(at + 1)) {
            at++;
        }
        if (ladder.lightness().size() == 1) {
            return PicturePlan.BETWEEN * ladder.first();
        }
        double from = ladder.lightness().get(at);
        double to = ladder.lightness().get(at + 1);
        double share = Math.max(0, Math.min(1, (from - lightness) / (from - to)));
        return PicturePlan.BETWEEN * (ladder.first() + at) + (int) Math.round(PicturePlan.BETWEEN * share);
    }

    private List<Made> shared(byte[] places) {
        int[] counts = new int[tones.size()];
        for (byte place : places) {
            counts[Math.min(tones.size() - 1, ((place & 255) + 1) / PicturePlan.BETWEEN)]++;
        }
        List<Made> shared = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            Made tone = tones.get(i);
            shared.add(new Made(
                    tone.zone(), counts[i] / (double) places.length, tone.wanted(), tone.layers(), tone.predicted()));
        }
        return shared;
    }
}
