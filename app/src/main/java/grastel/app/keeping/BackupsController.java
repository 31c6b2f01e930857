package grastel.app.keeping;

import grastel.app.account.Accounts;
import grastel.app.keeping.Backups.Kept;
import grastel.app.platform.SignedIn;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Backups, for the administrator. */
@RestController
@RequestMapping("/api/backups")
class BackupsController {
    private final Backups backups;
    private final Accounts accounts;

    BackupsController(Backups backups, Accounts accounts) {
        this.backups = backups;
        this.accounts = accounts;
    }

    /** @param bytes of its file */
    record BackupView(
            @NotNull String name,
            @NotNull Instant at,
            @NotNull long bytes) {
        static BackupView of(Kept kept) {
            return new BackupView(kept.name(), kept.at(), kept.bytes());
        }
    }

    /**
     * @param made false where this installation makes none by itself
     * @param folder where they lie
     * @param kept the newest first
     * @param problem why the last one could not be made, or null
     */
    record BackupsView(
            @NotNull boolean made,
            @NotNull String folder,
            @NotNull List<BackupView> kept,
            @Nullable String problem) {}

    @GetMapping
    BackupsView all(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        accounts.requireAdministrator(teacher.id());
        return view();
    }

    /** Makes today's anew. */
    @PostMapping
    BackupsView make(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        accounts.requireAdministrator(teacher.id());
        backups.make();
        return view();
    }

    private BackupsView view() {
        return new BackupsView(
                backups.areMade(),
                backups.folder().toAbsolutePath().normalize().toString(),
                backups.all().stream().map(BackupView::of).toList(),
                backups.problem().orElse(null));
    }
}
