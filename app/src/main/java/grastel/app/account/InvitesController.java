package grastel.app.account;

import grastel.app.account.AccountController.JoinRequest;
import grastel.app.account.AccountController.TeacherView;
import grastel.app.platform.SignedIn;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Invitations: made by the administrator, taken by whoever was given the link. */
@RestController
@RequestMapping("/api/account/invites")
class InvitesController {
    private final Accounts accounts;
    private final Invites invites;
    private final Sessions sessions;

    InvitesController(Accounts accounts, Invites invites, Sessions sessions) {
        this.accounts = accounts;
        this.invites = invites;
        this.sessions = sessions;
    }

    /** @param token told this once */
    record NewInviteView(@NotNull String token, @NotNull Instant until) {}

    record InviteView(
            @NotNull UUID id,
            @NotNull Instant made,
            @NotNull Instant until) {}

    record InvitedView(@NotNull Instant until) {}

    /** Open ones. For the administrator. */
    @GetMapping
    List<InviteView> open(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        accounts.requireAdministrator(teacher.id());
        return invites.open().stream()
                .map(i -> new InviteView(i.id(), i.madeAt(), i.expiresAt()))
                .toList();
    }

    /** A link for one account. For the administrator. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    NewInviteView make(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        accounts.requireAdministrator(teacher.id());
        Invites.Made made = invites.make();
        return new NewInviteView(made.token(), made.until());
    }

    /** Nobody can use it any more. For the administrator. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable UUID id, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        accounts.requireAdministrator(teacher.id());
        invites.takeBack(id);
    }

    /** Whether a link is still good. */
    @GetMapping("/{token}")
    InvitedView invited(@PathVariable @Size(max = 100) String token) {
        return new InvitedView(invites.until(token));
    }

    /** Makes the account that the link is for, and signs in. */
    @PostMapping("/{token}")
    @ResponseStatus(HttpStatus.CREATED)
    TeacherView join(
            @PathVariable @Size(max = 100) String token,
            @Valid @RequestBody JoinRequest request,
            HttpServletRequest http,
            HttpServletResponse response) {
        SignedIn joined = accounts.joinInvited(token, request.name(), request.displayName(), request.password());
        return sessions.open(joined, http, response);
    }
}
