package grastel.app.bench;

import grastel.app.bench.Bench.BuiltStack;
import grastel.app.bench.LookViews.AimData;
import grastel.app.bench.LookViews.AimView;
import grastel.app.bench.LookViews.ColourView;
import grastel.app.bench.LookViews.LayerLook;
import grastel.app.bench.LookViews.LookRequest;
import grastel.app.bench.LookViews.LookView;
import grastel.app.bench.LookViews.RungView;
import grastel.app.bench.LookViews.ToothColumnView;
import grastel.app.bench.LookViews.WarningView;
import grastel.app.bench.LookViews.WhatIfView;
import grastel.app.platform.Png;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.colour.ValueLadder;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.layering.Effort;
import grastel.core.layering.Layer;
import grastel.core.layering.Stack;
import grastel.core.layering.Stacks;
import grastel.core.layering.Swatch;
import grastel.core.layering.SwatchParts;
import grastel.core.layering.advice.Advice;
import grastel.core.layering.advice.WhatIf;
import grastel.core.layering.picture.SwatchPicture;
import grastel.core.media.Pencil;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Looks at a stack: what it gives, what it is made of, what to mind, what else could be done. */
@Component
class Looking {
    static final double FIELD_CM2 = 25;
    private static final int CHIP_WIDTH = 96;
    private static final int CHIP_HEIGHT = 56;
    private static final double CHIP_PX_PER_MM = 5;
    static final long SEED = 7;

    LookView look(BuiltStack laid, LookRequest request, Method method) {
        Stack stack = laid.stack();
        List<Swatch> stages = stack.stages();
        Swatch swatch = stages.get(stages.size() - 1);
        Lab colour = swatch.colour();
        SwatchParts makeup = SwatchParts.of(swatch);
        Optional<Lab> goal = Optional.ofNullable(request.goal()).map(AimData::toLab);
        ValueLadder ladder = new ValueLadder(request.steps());
        return new LookView(
                SwatchPicture.tones(swatch),
                stack.paper().tooth().grainMm(),
                swatch.stroke(),
                ColourView.of(colour),
                ladder.nearest(colour.value()),
                ladder.greys().stream()
                        .map(g -> new RungView(Srgb.of(g).hex(), g.value()))
                        .toList(),
                swatch.specks(),
                swatch.toothLeft(),
                layersLeft(stack, swatch),
                makeup.mud(),
                Effort.minutes(stack, FIELD_CM2, GradeBand.DEVELOPING.cm2PerMinute()),
                makeup.paperShare(),
                layers(stack, stages, makeup),
                makeup.section().stream().map(ToothColumnView::of).toList(),
                Advice.on(stack, goal, intention(request), method.has(MethodAnswer.BURNISH_LAST)).stream()
                        .map(w -> warning(w, laid))
                        .toList(),
                goal.map(g -> new AimView(
                                ColourView.of(g), ColourDifference.ciede2000(g, colour), colour.value() - g.value()))
                        .orElse(null));
    }

    private static Advice.Intention intention(LookRequest request) {
        return request.intention() == null ? Advice.Intention.COLOUR : request.intention();
    }

    private static @Nullable Integer layersLeft(Stack stack, Swatch swatch) {
        int top = Stacks.topColour(stack);
        Pencil pencil = top < 0 ? null : stack.layers().get(top).pencil();
        return pencil == null || pencil.colourless() ? null : (Integer) swatch.layersLeft(pencil);
    }

    private static List<LayerLook> layers(Stack stack, List<Swatch> stages, SwatchParts makeup) {
        List<LayerLook> looks = new ArrayList<>();
        for (int i = 0; i < stack.layers().size(); i++) {
            Layer layer = stack.layers().get(i);
            Swatch after = stages.get(i + 1);
            Pencil pencil = layer.pencil();
            looks.add(new LayerLook(
                    makeup.layerShares().get(i),
                    Srgb.of(after.colour()).hex(),
                    after.toothLeft(),
                    pencil == null || pencil.colourless()
                            ? null
                            : ColourView.of(pencil.masstone().toLab())));
        }
        return List.copyOf(looks);
    }

    private static WarningView warning(Advice.Warning w, BuiltStack laid) {
        return new WarningView(
                w.code(),
                w.severity(),
                w.layer(),
                w.figure(),
                w.limit(),
                w.remedy(),
                w.remedied().map(s -> StackData.of(s, laid.asked(), laid.ids())).orElse(null));
    }

    /** The neighbours of a stack, each with its picture. */
    List<WhatIfView> whatIf(BuiltStack laid, Optional<AimData> aim) {
        Lab now = laid.stack().swatch().colour();
        Optional<Lab> goal = aim.map(AimData::toLab);
        double grain = laid.stack().paper().tooth().grainMm();
        return WhatIf.around(
                        laid.stack(),
                        PencilChoice.white(laid.ids().keySet()),
                        PencilChoice.blender(laid.ids().keySet()))
                .stream()
                .map(v -> {
                    Lab colour = v.swatch().colour();
                    return new WhatIfView(
                            v.kind(),
                            StackData.of(v.stack(), laid.asked(), laid.ids()),
                            Png.dataUrl(SwatchPicture.paint(
                                    v.swatch(), grain, CHIP_WIDTH, CHIP_HEIGHT, CHIP_PX_PER_MM, SEED)),
                            ColourView.of(colour),
                            ColourDifference.ciede2000(now, colour),
                            colour.value() - now.value(),
                            goal.map(g -> ColourDifference.ciede2000(g, colour)).orElse(null));
                })
                .toList();
    }
}
