package grastel.app.show;

import grastel.app.bench.LookViews.ColourView;
import grastel.app.bench.LookViews.SwatchView;
import grastel.core.colour.Srgb;
import grastel.core.exercise.showing.Scene;
import grastel.core.layering.Layer;
import grastel.core.layering.Stack;
import grastel.core.layering.Stroke;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Scenes as they go over the wire. */
final class SceneViews {
    private SceneViews() {}

    enum Kind {
        OPENING,
        LAYING,
        TURN,
        FAULT,
        CAUTIONS
    }

    record ShowView(
            @NotNull String title,
            @NotNull String about,
            @NotNull List<SceneView> scenes) {
        static ShowView of(String title, String about, List<Scene> scenes) {
            return new ShowView(title, about, scenes.stream().map(SceneView::of).toList());
        }
    }

    record ShownPencilView(
            @NotNull String code,
            @NotNull String name,
            @NotNull String colour) {
        static ShownPencilView of(Pencil p) {
            return new ShownPencilView(
                    p.code(), p.name(), Srgb.of(p.masstone().toLab()).hex());
        }
    }

    enum Manner {
        COLOUR,
        BURNISH,
        SOLVENT,
        STUMP,
        LIFT
    }

    /** @param pressure, point 0…1 and stroke only of a layer of colour */
    record ShownLayerView(
            @NotNull Manner manner,
            @Nullable ShownPencilView pencil,
            @NotNull int passes,
            @Nullable Double pressure,
            @Nullable Double point,
            @Nullable Stroke stroke) {
        static ShownLayerView of(Layer layer) {
            ShownPencilView pencil = layer.pencil() == null ? null : ShownPencilView.of(layer.pencil());
            if (layer instanceof Layer.Colour c) {
                return new ShownLayerView(
                        Manner.COLOUR,
                        pencil,
                        c.passes(),
                        c.pass().pressure(),
                        c.pass().point(),
                        c.pass().stroke());
            }
            if (layer instanceof Layer.Burnish b) {
                return new ShownLayerView(Manner.BURNISH, pencil, b.passes(), null, null, null);
            }
            if (layer instanceof Layer.Stump) {
                return new ShownLayerView(Manner.STUMP, null, 1, null, null, null);
            }
            Manner manner = layer instanceof Layer.Solvent ? Manner.SOLVENT : Manner.LIFT;
            return new ShownLayerView(manner, null, 1, null, null, null);
        }
    }

    /**
     * One thing shown; what is there depends on the kind, the rest is null, empty or 0.
     *
     * @param title of an exercise, the field a layer is laid in, or the sign of a fault
     * @param words lines to read
     * @param number of the layer, from 1
     * @param swatch after the layer, or as it should be
     * @param wrong the same with the fault
     * @param slices of a strip, left to right
     * @param layersLeft how many more light layers of the layer's pencil will still show; null where none was laid
     * @param asked colour asked for
     * @param minutes of the students' turn
     */
    record SceneView(
            @NotNull Kind kind,
            @NotNull String title,
            @NotNull List<String> words,
            @NotNull List<ShownPencilView> pencils,
            @Nullable ShownLayerView layer,
            @NotNull int number,
            @NotNull int of,
            @Nullable Integer layersLeft,
            @Nullable SwatchView swatch,
            @Nullable SwatchView wrong,
            @NotNull List<String> slices,
            @Nullable ColourView asked,
            @Nullable CommonMistake slip,
            @NotNull double minutes) {
        static SceneView of(Scene scene) {
            if (scene instanceof Scene.Opening o) {
                return words(
                        Kind.OPENING,
                        o.title(),
                        List.of(o.goal()),
                        o.pencils().stream().map(ShownPencilView::of).toList(),
                        0);
            }
            if (scene instanceof Scene.Laying l) {
                return laying(l);
            }
            if (scene instanceof Scene.Turn t) {
                return words(Kind.TURN, "", t.steps(), List.of(), t.minutes());
            }
            if (scene instanceof Scene.Fault f) {
                return fault(f);
            }
            return words(Kind.CAUTIONS, "", ((Scene.Cautions) scene).words(), List.of(), 0);
        }

        private static SceneView words(
                Kind kind, String title, List<String> words, List<ShownPencilView> pencils, double minutes) {
            return new SceneView(
                    kind, title, words, pencils, null, 0, 0, null, null, null, List.of(), null, null, minutes);
        }

        private static SceneView laying(Scene.Laying l) {
            return new SceneView(
                    Kind.LAYING,
                    l.field(),
                    List.of(),
                    List.of(),
                    ShownLayerView.of(l.layer()),
                    l.number(),
                    l.of(),
                    layersLeft(l),
                    SwatchView.of(l.after()),
                    null,
                    l.slices().stream().map(c -> Srgb.of(c).hex()).toList(),
                    l.asked() == null ? null : ColourView.of(l.asked()),
                    null,
                    0);
        }

        private static @Nullable Integer layersLeft(Scene.Laying l) {
            return l.layer() instanceof Layer.Colour c
                    ? (Integer) l.after().swatch().layersLeft(c.pass().pencil())
                    : null;
        }

        private static SceneView fault(Scene.Fault f) {
            return new SceneView(
                    Kind.FAULT,
                    f.sign(),
                    List.of(f.say()),
                    List.of(),
                    null,
                    0,
                    0,
                    null,
                    swatch(f.right()),
                    swatch(f.wrong()),
                    List.of(),
                    null,
                    f.slip(),
                    0);
        }

        private static @Nullable SwatchView swatch(@Nullable Stack stack) {
            return stack == null ? null : SwatchView.of(stack);
        }
    }
}
