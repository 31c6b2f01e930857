package grastel.app.returns.screen;

import grastel.app.returns.screen.ReturnViews.PersonView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The contact sheet: pages of a printing that leave nothing open. */
@RestController
@RequestMapping("/api/returns/runs/{run}/sure")
class SureController {
    private final SurePages sure;

    SureController(SurePages sure) {
        this.sure = sure;
    }

    /** @param sign what is seen, where it is under secure; @param field where, or null for all of the exercise */
    record SureGoalView(
            @NotNull String label,
            @NotNull int level,
            @Nullable String sign,
            @Nullable String field) {}

    /** @param read when it was read; @param fields with pigment, in the order of the sheet */
    record SureView(
            @NotNull UUID id,
            @NotNull Instant read,
            @NotNull PersonView student,
            @NotNull List<String> fields,
            @NotNull List<SureGoalView> goals) {}

    /** @param read which reading was looked at */
    record SurePage(@NotNull UUID page, @NotNull Instant read) {}

    record AcceptRequest(@NotEmpty @Size(max = 400) List<@NotNull @Valid SurePage> pages) {}

    @GetMapping
    List<SureView> sure(@PathVariable UUID run) {
        return sure.of(run);
    }

    /** Confirms pages as proposed, all or none; gives those that are sure still. */
    @PostMapping
    List<SureView> accept(@PathVariable UUID run, @Valid @RequestBody AcceptRequest request) {
        sure.accept(run, request.pages());
        return sure.of(run);
    }
}
