package grastel.app.account;

import grastel.app.account.AccountController.TeacherView;
import grastel.app.platform.SignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Opens sessions, however a teacher came in. */
@Component
class Sessions {
    private final Accounts accounts;
    private final Devices devices;
    private final SecurityContextRepository contexts;

    Sessions(Accounts accounts, Devices devices, SecurityContextRepository contexts) {
        this.accounts = accounts;
        this.devices = devices;
        this.contexts = contexts;
    }

    TeacherView open(SignedIn teacher, HttpServletRequest http, HttpServletResponse response) {
        if (http.getSession(false) != null) {
            http.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(teacher, null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, http, response);
        devices.remember(teacher.id(), http, response);
        return TeacherView.of(teacher, accounts);
    }
}
