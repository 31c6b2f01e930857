package grastel.app.projects;

import grastel.app.returns.Returns;
import grastel.app.returns.Returns.Progress;
import grastel.app.sheets.Printings;
import grastel.app.sheets.api.RunInfo;
import grastel.core.checks.Require;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What classes drew from a project. */
@RestController
@RequestMapping("/api/projects/{id}/pieces")
class PiecesController {
    private final Projects projects;
    private final Printings printings;
    private final Returns returns;

    PiecesController(Projects projects, Printings printings, Returns returns) {
        this.projects = projects;
        this.printings = printings;
        this.returns = returns;
    }

    /** A printing of a project's sheet. @param back pages that were read; @param confirmed of them */
    record PieceRunView(
            @NotNull UUID run,
            @NotNull Instant printedAt,
            @NotNull int pages,
            @NotNull int back,
            @NotNull int confirmed) {}

    /** The newest first. */
    @GetMapping
    List<PieceRunView> pieces(@PathVariable UUID id) {
        List<RunInfo> runs = printings.runsOfPiece(projects.one(id).id().toString());
        Map<UUID, Progress> all = returns.progress(runs);
        return runs.stream()
                .map(run -> {
                    Progress progress = Require.key(all, run.id());
                    return new PieceRunView(
                            run.id(), run.printedAt(), progress.printed(), progress.read(), progress.confirmed());
                })
                .toList();
    }
}
