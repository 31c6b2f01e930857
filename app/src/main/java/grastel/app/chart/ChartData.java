package grastel.app.chart;

import grastel.core.chart.ChartPlan;
import grastel.core.colour.Spectrum;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.Tooth;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a chart keeps of its plan, as JSON.
 *
 * @param version of this shape, 1
 * @param white place of the white in the rows; −1 for none
 * @param blender null for none
 * @param pressed place of the pencil whose pressures are shown
 * @param paper as it was thought to be when the chart was printed
 */
record ChartData(
        int version, List<Entry> rows, int white, @Nullable Thought blender, int pressed, On paper) {
    static final int VERSION = 1;

    /** @param pencil of the kit; null where it is not in it yet @param thought null where nobody knows its colour */
    record Entry(
            @Nullable UUID pencil,
            String code,
            String name,
            Pencil.Binder binder,
            @Nullable Thought thought) {
        static Entry of(UUID id, Pencil p) {
            return new Entry(id, p.code(), p.name(), p.binder(), Thought.of(p));
        }
    }

    /** A pencil as it is thought to be. @param masstone 36 reflectances, 380–730 nm */
    record Thought(
            String code,
            String name,
            Pencil.Binder binder,
            double[] masstone,
            double hiding,
            double softness,
            boolean colourless) {
        static Thought of(Pencil p) {
            return new Thought(
                    p.code(), p.name(), p.binder(), p.masstone().toArray(), p.hiding(), p.softness(), p.colourless());
        }

        Pencil toPencil() {
            return new Pencil(code, name, binder, Spectrum.of(masstone), hiding, softness, colourless);
        }
    }

    /** @param ground 36 reflectances, 380–730 nm; @param depth of its tooth, cartridge = 1; @param grainMm of its tooth */
    record On(String name, double[] ground, double depth, double grainMm) {
        static On of(Paper p) {
            return new On(
                    p.name(), p.ground().toArray(), p.tooth().depth(), p.tooth().grainMm());
        }

        Paper toPaper() {
            return new Paper(name, Spectrum.of(ground), new Tooth(depth, grainMm));
        }
    }

    ChartPlan toPlan() {
        return new ChartPlan(
                rows.stream()
                        .map(r -> new ChartPlan.Entry(
                                r.code(),
                                r.name(),
                                r.binder(),
                                r.thought() == null ? null : r.thought().toPencil()))
                        .toList(),
                white,
                blender == null ? null : blender.toPencil(),
                pressed);
    }

    /** The same with the pencils that a kit gave these rows. */
    ChartData with(List<UUID> pencils) {
        List<Entry> known = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Entry r = rows.get(i);
            known.add(new Entry(pencils.get(i), r.code(), r.name(), r.binder(), r.thought()));
        }
        return new ChartData(version, known, white, blender, pressed, paper);
    }
}
