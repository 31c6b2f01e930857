package grastel.app.returns.feedback;

import grastel.app.platform.paper.PdfAnswer;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Agreement;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/returns")
class FeedbackController {
    private final Feedback feedback;

    FeedbackController(Feedback feedback) {
        this.feedback = feedback;
    }

    /** See {@link Agreement}. */
    record AgreementView(
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull String figureName,
            @NotNull String unit,
            @NotNull int digits,
            @NotNull int marks,
            @NotNull int same,
            @NotNull int higher,
            @NotNull int lower,
            @NotNull int agreeNow,
            @Nullable Double factor,
            @NotNull int agreeThen,
            @NotNull double secure,
            @NotNull double inUse) {}

    @GetMapping(path = "/runs/{run}/slips.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> slips(@PathVariable UUID run) {
        return PdfAnswer.of(feedback.slips(run), "slips.pdf");
    }

    /** How far the teacher's decisions and the proposals agree, goal by goal. @param schoolClass all classes if left out */
    @GetMapping("/agreement")
    List<AgreementView> agreement(@RequestParam(required = false) UUID schoolClass) {
        return feedback.agreement(Optional.ofNullable(schoolClass)).stream()
                .map(a -> new AgreementView(
                        a.goal(),
                        a.goal().label(),
                        a.goal().figure(),
                        a.goal().unit(),
                        a.goal().digits(),
                        a.marks(),
                        a.same(),
                        a.higher(),
                        a.lower(),
                        a.agreeNow(),
                        a.factor(),
                        a.agreeThen(),
                        a.secure(),
                        a.inUse()))
                .toList();
    }
}
