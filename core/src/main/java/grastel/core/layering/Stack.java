package grastel.core.layering;

import grastel.core.media.Paper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A plan of layers on a paper, first layer first.
 *
 * @param paper what it lies on
 * @param under marker or wash below the pencil
 * @param layers 0…24 layers
 */
public record Stack(Paper paper, Optional<UnderLayer> under, List<Layer> layers) {
    public static final int MOST_LAYERS = 24;

    public Stack {
        if (paper == null || under == null) {
            throw new IllegalArgumentException("A stack needs a paper");
        }
        layers = List.copyOf(layers);
        if (layers.size() > MOST_LAYERS) {
            throw new IllegalArgumentException("A stack has at most 24 layers, was " + layers.size());
        }
    }

    public static Stack on(Paper paper, Layer... layers) {
        return new Stack(paper, Optional.empty(), List.of(layers));
    }

    public Stack with(Layer layer) {
        List<Layer> more = new ArrayList<>(layers);
        more.add(layer);
        return withLayers(more);
    }

    public Stack withLayers(List<Layer> other) {
        return new Stack(paper, under, other);
    }

    /** The bare sheet and the swatch after each layer: one more than there are layers. */
    public List<Swatch> stages() {
        List<Swatch> stages = new ArrayList<>();
        Swatch swatch = Swatch.bare(paper, under);
        stages.add(swatch);
        for (Layer layer : layers) {
            swatch = swatch.with(layer);
            stages.add(swatch);
        }
        return List.copyOf(stages);
    }

    public Swatch swatch() {
        Swatch swatch = Swatch.bare(paper, under);
        for (Layer layer : layers) {
            swatch = swatch.with(layer);
        }
        return swatch;
    }
}
