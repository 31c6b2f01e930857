package grastel.app.meanings;

import grastel.core.exercise.goal.Goal;
import grastel.core.judging.FieldFigure;
import grastel.core.words.MetricHelp;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/meanings")
class MeaningsController {
    /**
     * What a figure tells.
     *
     * @param code of a goal, or of a figure of a field
     * @param measures what is measured, with its unit
     * @param standsFor what that is taken for in the drawing
     * @param cannotSee what it does not tell
     */
    record MeaningView(
            @NotNull String code,
            @NotNull String label,
            @NotNull String measures,
            @NotNull String standsFor,
            @NotNull String cannotSee) {
        static <T extends Enum<T> & MetricHelp> MeaningView of(T figure) {
            return new MeaningView(
                    figure.name(), figure.label(), figure.measures(), figure.standsFor(), figure.cannotSee());
        }
    }

    /** Of all goals, and of all figures of a field. */
    @GetMapping
    List<MeaningView> all() {
        return Stream.concat(
                        Arrays.stream(Goal.values()).map(MeaningView::of),
                        Arrays.stream(FieldFigure.values()).map(MeaningView::of))
                .toList();
    }
}
