package grastel.app.account;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.SignedIn;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends sessions whose account was disabled or got a new password. */
@Component
@Order(SessionFilter.PLACE)
class SessionFilter extends OncePerRequestFilter {
    /** Before whatever lets anybody through. */
    static final int PLACE = Ordered.LOWEST_PRECEDENCE - 100;

    private final Accounts accounts;

    SessionFilter(Accounts accounts) {
        this.accounts = accounts;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        boolean over;
        try {
            over = authentication != null
                    && authentication.getPrincipal() instanceof SignedIn teacher
                    && !accounts.isCurrent(teacher);
        } catch (DataAccessException | TransactionException e) {
            ApiProblem.databaseAway().writeTo(response);
            return;
        }
        if (over) {
            HttpSession session = request.getSession(false);
            if (session != null) {
                session.invalidate();
            }
            SecurityContextHolder.clearContext();
            new ApiProblem(HttpStatus.UNAUTHORIZED, "SIGN_IN", say("problem.this-session-is-over")).writeTo(response);
            return;
        }
        chain.doFilter(request, response);
    }
}
