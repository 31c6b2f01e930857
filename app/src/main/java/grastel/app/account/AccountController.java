package grastel.app.account;

import grastel.app.account.SignInTry.Outcome;
import grastel.app.platform.SignedIn;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/account")
class AccountController {
    private final Accounts accounts;
    private final SignInThrottle throttle;
    private final Devices devices;
    private final Sessions sessions;
    private final SignIns signIns;
    private final ObjectProvider<DemoSignIn> demo;

    AccountController(
            Accounts accounts,
            SignInThrottle throttle,
            Devices devices,
            Sessions sessions,
            SignIns signIns,
            ObjectProvider<DemoSignIn> demo) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.devices = devices;
        this.sessions = sessions;
        this.signIns = signIns;
        this.demo = demo;
    }

    /** @param teacher who is signed in, or null; @param demo what the demo's sign-in page shows, or null */
    record SessionView(
            @Nullable TeacherView teacher,
            @NotNull boolean firstStart,
            @NotNull boolean isDemo,
            @Nullable DemoView demo) {}

    /** @param administrator may add, disable and reset colleagues */
    record TeacherView(
            @NotNull String name,
            @NotNull String displayName,
            @NotNull boolean administrator) {
        static TeacherView of(SignedIn teacher, Accounts accounts) {
            return new TeacherView(teacher.name(), teacher.displayName(), accounts.isAdministrator(teacher.id()));
        }
    }

    record ColleagueView(
            @NotNull UUID id,
            @NotNull String name,
            @NotNull String displayName,
            @NotNull boolean administrator,
            @NotNull boolean disabled) {}

    record PasswordChange(
            @NotBlank @Size(max = 200) String old,
            @NotBlank @Size(max = 200) String password) {}

    record NewPassword(@NotBlank @Size(max = 200) String password) {}

    record Standing(@NotNull boolean disabled) {}

    /** @param name of the teacher; null where nobody here has the name that was given */
    record SignInView(
            @NotNull Instant at,
            @Nullable String name,
            @NotNull String address,
            @NotNull Outcome outcome) {}

    record DemoView(@NotNull String name, @NotNull String password) {}

    record SignInRequest(
            @NotBlank @Size(max = 80) String name,
            @NotBlank @Size(max = 200) String password) {}

    record JoinRequest(
            @NotBlank
            @Size(min = 3, max = 80)
            @Pattern(regexp = "[\\p{L}\\p{N}._@+-]+", message = "problem.letters-digits-and")
            String name,

            @NotBlank @Size(max = 120) String displayName,
            @NotBlank @Size(max = 200) String password) {}

    @GetMapping("/session")
    SessionView session(
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher,
            @Parameter(hidden = true) CsrfToken csrf) {
        csrf.getToken(); // writes the cookie the interface answers with
        DemoSignIn shown = demo.getIfAvailable();
        return new SessionView(
                teacher == null ? null : TeacherView.of(teacher, accounts),
                accounts.isFirstStart(),
                shown != null,
                shown == null || teacher != null ? null : new DemoView(shown.name(), shown.password()));
    }

    @PostMapping("/session")
    TeacherView signIn(
            @Valid @RequestBody SignInRequest request, HttpServletRequest http, HttpServletResponse response) {
        String account = Accounts.plain(request.name());
        Optional<String> device = accounts.byName(account).flatMap(t -> devices.known(t.id(), http));
        throttle.requireTry(account, http.getRemoteAddr(), device);
        SignedIn teacher = accounts.check(account, request.password(), http.getRemoteAddr());
        throttle.forget(account, http.getRemoteAddr());
        return sessions.open(teacher, http, response);
    }

    @DeleteMapping("/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest http) {
        HttpSession session = http.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    /** Only on the first start, when nobody could sign in. */
    @PostMapping("/first-teacher")
    @ResponseStatus(HttpStatus.CREATED)
    TeacherView first(@Valid @RequestBody JoinRequest request, HttpServletRequest http, HttpServletResponse response) {
        return sessions.open(accounts.first(request.name(), request.displayName(), request.password()), http, response);
    }

    /** Changes one's own password; other sessions of this teacher end. */
    @PutMapping("/password")
    TeacherView changePassword(
            @Valid @RequestBody PasswordChange request,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher,
            HttpServletRequest http,
            HttpServletResponse response) {
        throttle.requireTry(teacher.name(), http.getRemoteAddr(), devices.known(teacher.id(), http));
        SignedIn changed = accounts.changePassword(teacher.id(), request.old(), request.password());
        return sessions.open(changed, http, response);
    }

    /** Everyone with an account here. For the administrator. */
    @GetMapping("/teachers")
    List<ColleagueView> colleagues(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        accounts.requireAdministrator(teacher.id());
        return accounts.accounts().stream()
                .map(a -> new ColleagueView(a.id(), a.name(), a.displayName(), a.administrator(), a.disabled()))
                .toList();
    }

    /** Who was let in lately, and who was not. For the administrator. */
    @GetMapping("/sign-ins")
    List<SignInView> signIns(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        accounts.requireAdministrator(teacher.id());
        return signIns.latest().stream()
                .map(t -> new SignInView(
                        t.triedAt(),
                        t.teacher() == null ? null : accounts.displayName(t.teacher()),
                        t.address(),
                        t.outcome()))
                .toList();
    }

    /** A colleague on the same installation. For the administrator. */
    @PostMapping("/teachers")
    @ResponseStatus(HttpStatus.CREATED)
    TeacherView add(
            @Valid @RequestBody JoinRequest request,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        accounts.requireAdministrator(teacher.id());
        return TeacherView.of(accounts.join(request.name(), request.displayName(), request.password()), accounts);
    }

    /** Gives a colleague a new password, to be told to them. For the administrator. */
    @PutMapping("/teachers/{id}/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void reset(
            @PathVariable UUID id,
            @Valid @RequestBody NewPassword request,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        accounts.requireAdministrator(teacher.id());
        accounts.resetPassword(id, request.password());
    }

    /** Lets a colleague in no longer, or again. Their classes and pages stay. For the administrator. */
    @PutMapping("/teachers/{id}/standing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void disable(
            @PathVariable UUID id,
            @Valid @RequestBody Standing request,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        accounts.requireAdministrator(teacher.id());
        accounts.setDisabled(id, request.disabled());
    }
}
