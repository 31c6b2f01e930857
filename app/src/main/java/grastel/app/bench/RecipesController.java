package grastel.app.bench;

import grastel.app.bench.Bench.BuiltStack;
import grastel.app.bench.LookViews.AimData;
import grastel.app.kit.Kit;
import grastel.core.colour.Srgb;
import grastel.core.layering.Stack;
import grastel.core.media.Pencil;
import grastel.core.recipe.Method;
import grastel.core.recipe.RecipeFinder;
import grastel.core.recipe.RecipeFinder.Found;
import grastel.core.recipe.Target;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Finds stacks for a goal colour. The work is bounded, so an answer takes well under half a second. */
@RestController
@RequestMapping("/api/bench/recipes")
class RecipesController {
    private final Bench bench;
    private final Kit kit;

    RecipesController(Bench bench, Kit kit) {
        this.bench = bench;
        this.kit = kit;
    }

    /**
     * @param stack whose paper the recipe is for; its layers are left aside
     * @param goal the colour wanted
     * @param closeness what counts in coming near; null for what the method says
     * @param set pencils at hand; null for the whole kit
     * @param schoolClass whose method is kept; null for the usual
     * @param mostLayers single passes, 1…5
     */
    record RecipeRequest(
            @NotNull @Valid StackData stack,
            @NotNull @Valid AimData goal,
            Target.Closeness closeness,
            UUID set,
            UUID schoolClass,
            @NotNull @Min(1) @Max(RecipeFinder.MOST_LAYERS) int mostLayers) {}

    /** @param stack to be opened on the bench; @param error in the measure asked for; @param minutes for 4 cm² */
    record RecipeView(
            @NotNull StackData stack,
            @NotNull String colour,
            @NotNull double value,
            @NotNull double error,
            @NotNull double minutes,
            @NotNull double toothLeft) {}

    /** The recipe first; the others are closer, with more pencils or layers. */
    @PostMapping
    List<RecipeView> find(@Valid @RequestBody RecipeRequest request) {
        BuiltStack on = bench.laid(request.stack());
        List<Pencil> pencils = (request.set() == null ? kit.everything() : kit.setOf(request.set())).pencils();
        Method method = bench.methodOf(request.schoolClass());
        return RecipeFinder.find(
                        new Target(
                                request.goal().toLab(),
                                request.closeness() == null ? method.closeness() : request.closeness()),
                        on.stack().paper(),
                        pencils,
                        method,
                        RecipeFinder.Limits.USUAL.withLayers(request.mostLayers()),
                        share -> {},
                        () -> false)
                .stream()
                .map(f -> view(f, on))
                .toList();
    }

    private static RecipeView view(Found found, BuiltStack on) {
        Stack stack = on.stack().withLayers(found.layers());
        return new RecipeView(
                StackData.of(stack, on.asked(), on.ids()),
                Srgb.of(found.colour()).hex(),
                found.colour().value(),
                found.error(),
                found.minutes(),
                found.toothLeft());
    }
}
