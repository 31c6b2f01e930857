package grastel.app.sharing;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.platform.colleagues.Guest;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * {@code /api/shared/<class>/…} is {@code /api/…} as the class's owner has it, for a colleague with whom the class is shared.
 * What of it is open {@link grastel.app.platform.colleagues.ForColleagues endpoints} say themselves.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class SharedAccessFilter extends OncePerRequestFilter {
    private static final Pattern SHARED =
            Pattern.compile("/api/shared/([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})(/.+)");

    private final Sharing sharing;

    SharedAccessFilter(Sharing sharing) {
        this.sharing = sharing;
    }

    /** The same request, asked at another address. */
    private static final class At extends HttpServletRequestWrapper {
        private final String path;

        At(HttpServletRequest request, String path) {
            super(request);
            this.path = path;
        }

        @Override
        public String getRequestURI() {
            return path;
        }

        @Override
        public String getServletPath() {
            return path;
        }

        @Override
        public StringBuffer getRequestURL() {
            return new StringBuffer(path);
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Matcher shared = SHARED.matcher(request.getRequestURI());
        if (!shared.matches()) {
            chain.doFilter(request, response);
            return;
        }
        Optional<Guest> guest;
        try {
            guest = guest(shared.group(1));
        } catch (DataAccessException | TransactionException e) {
            ApiProblem.databaseAway().writeTo(response);
            return;
        }
        if (guest.isEmpty()) {
            ApiProblem.notFound(say("thing.class")).writeTo(response);
            return;
        }
        try {
            Ownership.as(guest.get(), () -> pass(chain, new At(request, "/api" + shared.group(2)), response));
        } catch (ForwardedRequest failed) {
            failed.rethrow();
        }
    }

    private Optional<Guest> guest(String schoolClass) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof SignedIn teacher
                ? sharing.guest(UUID.fromString(schoolClass), teacher.id())
                : Optional.empty();
    }

    /** A checked exception on its way through. */
    private static final class ForwardedRequest extends RuntimeException {
        private static final long serialVersionUID = 1;

        ForwardedRequest(Exception cause) {
            super(cause);
        }

        void rethrow() throws ServletException, IOException {
            if (getCause() instanceof ServletException servlet) {
                throw servlet;
            }
            throw (IOException) getCause();
        }
    }

    private static Void pass(FilterChain chain, HttpServletRequest request, HttpServletResponse response) {
        try {
            chain.doFilter(request, response);
            return null;
        } catch (ServletException | IOException e) {
            throw new ForwardedRequest(e);
        }
    }
}
