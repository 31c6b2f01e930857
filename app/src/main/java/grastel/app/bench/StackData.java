package grastel.app.bench;

import static grastel.core.words.Words.say;

import grastel.app.kit.Kit.KitPaper;
import grastel.app.kit.LayerData;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.ApiProblem.FieldProblem;
import grastel.core.colour.SmoothReflectance;
import grastel.core.colour.Srgb;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.Stack;
import grastel.core.layering.Stroke;
import grastel.core.layering.UnderLayer;
import grastel.core.media.Pencil;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/**
 * A stack by the ids of the kit: what the interface sends and what is kept.
 *
 * @param layers first layer first
 */
record StackData(
        @NotNull UUID paper,
        @Nullable UnderData under,
        @NotNull List<@NotNull LayerData> layers) {
    /** Marker or wash. @param colour {@code #rrggbb} as it looks on white; @param strength over 0 up to 1 */
    record UnderData(
            @NotNull UnderLayer.Kind kind,
            @NotNull String colour,
            @NotNull double strength) {}

    /** @throws ApiProblem naming every field that cannot be */
    Stack toStack(KitPaper on, Map<UUID, Pencil> pencils) {
        List<FieldProblem> wrong = new ArrayList<>();
        if (layers.size() > Stack.MOST_LAYERS) {
            throw ApiProblem.invalid("stack.layers", "TOO_MANY", say("problem.a-stack-has-at", layers.size()));
        }
        List<Layer> made = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            layer("stack.layers[" + i + "]", layers.get(i), pencils, wrong).ifPresent(made::add);
        }
        Optional<UnderLayer> stain = under(wrong);
        if (!wrong.isEmpty()) {
            throw new ApiProblem(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "INVALID",
                    say("problem.this-stack-cannot-be", wrong.get(0).message()),
                    wrong);
        }
        return new Stack(on.paper(), stain, made);
    }

    private Optional<UnderLayer> under(List<FieldProblem> wrong) {
        if (under == null) {
            return Optional.empty();
        }
        try {
            var stain = SmoothReflectance.of(Srgb.ofHex(under.colour()).toLab());
            return Optional.of(new UnderLayer(under.kind(), stain, under.strength()));
        } catch (IllegalArgumentException e) {
            wrong.add(new FieldProblem("stack.under", "INVALID", Objects.requireNonNullElse(e.getMessage(), "")));
            return Optional.empty();
        }
    }

    private static Optional<Layer> layer(
            String path, LayerData data, Map<UUID, Pencil> pencils, List<FieldProblem> wrong) {
        int before = wrong.size();
        if (data.kind() == null) {
            wrong.add(new FieldProblem(path + ".kind", "MISSING", say("problem.the-layer-has-no")));
            return Optional.empty();
        }
        Layer made = switch (data.kind()) {
            case SOLVENT -> new Layer.Solvent();
            case STUMP -> new Layer.Stump();
            case LIFT -> {
                double strength = share(path + ".strength", data.strength(), 0.5, wrong);
                yield wrong.size() > before ? null : new Layer.Lift(Math.max(0.01, strength));
            }
            case BURNISH -> {
                Pencil burnisher = pencil(path, data, pencils, wrong);
                int passes = passes(path, data, wrong);
                yield burnisher == null || wrong.size() > before ? null : new Layer.Burnish(burnisher, passes);
            }
            case COLOUR -> {
                Pencil pencil = pencil(path, data, pencils, wrong);
                int passes = passes(path, data, wrong);
                double pressure = share(path + ".pressure", data.pressure(), 0.4, wrong);
                double point = share(path + ".point", data.point(), 0.7, wrong);
                Stroke stroke = data.stroke() == null ? Stroke.CIRCLES : data.stroke();
                yield pencil == null || wrong.size() > before
                        ? null
                        : new Layer.Colour(new Pass(pencil, pressure, point, stroke), passes);
            }
        };
        return Optional.ofNullable(made);
    }

    private static @Nullable Pencil pencil(
            String path, LayerData data, Map<UUID, Pencil> pencils, List<FieldProblem> wrong) {
        Pencil pencil = data.pencil() == null ? null : pencils.get(data.pencil());
        if (pencil == null) {
            wrong.add(new FieldProblem(path + ".pencil", "UNKNOWN_PENCIL", say("problem.the-kit-holds-no")));
        }
        return pencil;
    }

    private static int passes(String path, LayerData data, List<FieldProblem> wrong) {
        int passes = data.passes() == null ? 1 : data.passes();
        if (passes < 1 || passes > Layer.MOST_PASSES) {
            wrong.add(new FieldProblem(path + ".passes", "OUT_OF_RANGE", say("problem.a-layer-has-1", passes)));
        }
        return passes;
    }

    private static double share(String path, @Nullable Double given, double usual, List<FieldProblem> wrong) {
        double value = given == null ? usual : given;
        if (!(value >= 0 && value <= 1)) {
            wrong.add(new FieldProblem(path, "OUT_OF_RANGE", say("problem.it-must-be-0", value)));
        }
        return value;
    }

    /** A stack of the core by the ids of the kit; the under-layer stays as it was asked for. */
    static StackData of(Stack stack, StackData asked, Map<Pencil, UUID> ids) {
        return new StackData(
                asked.paper(),
                asked.under(),
                stack.layers().stream().map(l -> LayerData.of(l, ids)).toList());
    }
}
