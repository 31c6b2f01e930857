package grastel.app.progress.drawn;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.platform.ApiProblem;
import grastel.app.progress.drawn.Drawings.Drawing;
import grastel.app.progress.drawn.Drawings.Field;
import grastel.app.returns.Returns;
import grastel.core.checks.Require;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.exercise.plan.Recipe.Technique;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Pressures;
import grastel.core.progress.ClassPressures;
import grastel.core.progress.ClassPressures.Box;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How hard a class presses at each grade, told by its pressure scales, and whether its sheets are planned by it. */
@RestController
@RequestMapping("/api/progress/classes/{id}/pressures")
class PressuresController {
    private final Classes classes;
    private final Returns returns;
    private final Drawings drawings;

    PressuresController(Classes classes, Returns returns, Drawings drawings) {
        this.classes = classes;
        this.returns = returns;
        this.drawings = drawings;
    }

    /**
     * Pressures are shares of full force, 0…1.
     *
     * @param used in plans for the class
     * @param found in its pressure scales
     * @param plusMinus half width of the 95 % interval of what was found
     * @param boxes it rests on; with none it is as taught
     */
    record PressureView(
            @NotNull PressureGrade grade,
            @NotNull double taught,
            @NotNull double used,
            @NotNull double found,
            @NotNull double plusMinus,
            @NotNull int boxes) {}

    /** @param own true where plans for the class use pressures of its own */
    record PressuresView(@NotNull boolean own, @NotNull List<PressureView> grades) {}

    @GetMapping
    PressuresView of(@PathVariable UUID id) {
        return view(classes.one(id), found(id));
    }

    /** Plans sheets of the class from now on by what was found. */
    @PutMapping
    PressuresView take(@PathVariable UUID id) {
        classes.one(id);
        ClassPressures found = found(id);
        if (found.boxes().stream().allMatch(n -> n == 0)) {
            throw ApiProblem.conflict("NO_SCALES", say("problem.no-pressure-scale-of"));
        }
        return view(classes.press(id, found.pressures()), found);
    }

    /** Plans them as the pressures are taught again. */
    @DeleteMapping
    PressuresView reset(@PathVariable UUID id) {
        return view(classes.press(id, Pressures.TAUGHT), found(id));
    }

    private ClassPressures found(UUID id) {
        return ClassPressures.of(drawings.of(returns.confirmed(List.of(id)), PressureScale.ID).stream()
                .flatMap(PressuresController::boxes)
                .toList());
    }

    /** Boxes of one pencil alone. */
    private static Stream<Box> boxes(Drawing drawing) {
        return drawing.fields().stream()
                .filter(f -> !f.reading().blank() && isOfOnePass(f))
                .map(f -> box(drawing, f));
    }

    private static boolean isOfOnePass(Field field) {
        List<Step> steps = field.plan().recipe().steps();
        return field.plan().even() && steps.size() == 1 && steps.get(0).technique() == Technique.COLOUR;
    }

    private static Box box(Drawing drawing, Field field) {
        Step step = field.plan().recipe().steps().get(0);
        return new Box(
                drawing.plan().palette().get(step.pencil()),
                drawing.paper(),
                Require.present(step.grade(), "how hard"),
                step.passes(),
                field.reading().lightness().value());
    }

    private static PressuresView view(ClassInfo of, ClassPressures found) {
        return new PressuresView(
                !of.pressures().equals(Pressures.TAUGHT),
                Stream.of(PressureGrade.values())
                        .map(g -> new PressureView(
                                g,
                                g.pressure(),
                                of.pressures().of(g),
                                found.pressures().of(g),
                                found.plusMinus().get(g.ordinal()),
                                found.boxes().get(g.ordinal())))
                        .toList());
    }
}
