package grastel.app.account;

import grastel.app.platform.ApiProblem;
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
import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/account")
class AccountController {
    private final Accounts accounts;
    private final SignInThrottle throttle;
    private final SecurityContextRepository contexts;
    private final ObjectProvider<DemoSignIn> demo;

    AccountController(
            Accounts accounts,
            SignInThrottle throttle,
            SecurityContextRepository contexts,
            ObjectProvider<DemoSignIn> demo) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.contexts = contexts;
        this.demo = demo;
    }

    /** @param teacher who is signed in, or null; @param demo what the demo's sign-in page shows, or null */
    record SessionView(
            TeacherView teacher,
            @NotNull boolean firstStart,
            @NotNull boolean isDemo,
            DemoView demo) {}

    record TeacherView(@NotNull String name, @NotNull String displayName) {}

    record DemoView(@NotNull String name, @NotNull String password) {}

    record SignInRequest(
            @NotBlank @Size(max = 80) String name,
            @NotBlank @Size(max = 200) String password) {}

    record JoinRequest(
            @NotBlank
            @Size(min = 3, max = 80)
            @Pattern(regexp = "[\\p{L}\\p{N}._@+-]+", message = "Use letters, digits and . _ @ + - only.")
            String name,

            @NotBlank @Size(max = 120) String displayName,
            @NotBlank String password) {}

    @GetMapping("/session")
    SessionView session(
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher,
            @Parameter(hidden = true) CsrfToken csrf) {
        csrf.getToken(); // writes the cookie the interface answers with
        DemoSignIn shown = demo.getIfAvailable();
        return new SessionView(
                teacher == null ? null : new TeacherView(teacher.name(), teacher.displayName()),
                accounts.isFirstStart(),
                shown != null,
                shown == null || teacher != null ? null : new DemoView(shown.name(), shown.password()));
    }

    @PostMapping("/session")
    TeacherView signIn(
            @Valid @RequestBody SignInRequest request, HttpServletRequest http, HttpServletResponse response) {
        throttle.requireTry(request.name(), http.getRemoteAddr());
        SignedIn teacher = accounts.check(request.name(), request.password())
                .orElseThrow(() ->
                        new ApiProblem(HttpStatus.UNAUTHORIZED, "WRONG_SIGN_IN", "Name or password is not right."));
        throttle.forget(request.name());
        return open(teacher, http, response);
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
        if (!accounts.isFirstStart()) {
            throw new ApiProblem(
                    HttpStatus.FORBIDDEN,
                    "NOT_FIRST_START",
                    "There is an account already. Its teacher can add others.");
        }
        return open(accounts.join(request.name(), request.displayName(), request.password()), http, response);
    }

    /** A colleague on the same installation. */
    @PostMapping("/teachers")
    @ResponseStatus(HttpStatus.CREATED)
    TeacherView colleague(@Valid @RequestBody JoinRequest request) {
        SignedIn teacher = accounts.join(request.name(), request.displayName(), request.password());
        return new TeacherView(teacher.name(), teacher.displayName());
    }

    private TeacherView open(SignedIn teacher, HttpServletRequest http, HttpServletResponse response) {
        if (http.getSession(false) != null) {
            http.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(teacher, null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, http, response);
        return new TeacherView(teacher.name(), teacher.displayName());
    }
}
