package grastel.app.platform.requests;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Decides how much of a request's body is awaited, before anything reads it. Whoever is signed in, and a phone with a link that is
 * open, may send files; everybody else a few fields. Files are taken only where the program expects them. Of bodies that are still
 * on their way from senders who are not known only so many are awaited, and so many from one address, so that most of the threads
 * stay free.
 */
final class BodyLimitFilter extends OncePerRequestFilter {
    /** After the filter that finds the session, before security. */
    static final int ORDER = -200;

    /** Where files come in. */
    static final Pattern FILES = Pattern.compile(
            "/api/(returns|phone/[^/]+|projects(/[^/]+/own)?|sheets/drawn-lines|classes/roster|kit/imports(/preview)?)");

    private static final List<String> FORMS = List.of("multipart/", "application/x-www-form-urlencoded");

    private final List<KnownSenders> senders;
    private final AwaitedBodies awaited;

    BodyLimitFilter(List<KnownSenders> senders, AwaitedBodies awaited) {
        this.senders = senders;
        this.awaited = awaited;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!(request.getAttribute(BodyLimitValve.BODY) instanceof LimitedBody body)) {
            chain.doFilter(request, response);
            return;
        }
        try {
            limit(body, request, () -> chain.doFilter(request, response));
        } catch (ApiProblem refused) {
            body.dropRest();
            refused.writeTo(response);
        }
    }

    private interface Rest {
        void run() throws ServletException, IOException;
    }

    private void limit(LimitedBody body, HttpServletRequest request, Rest rest) throws ServletException, IOException {
        if (isForm(request) && !FILES.matcher(request.getServletPath()).matches()) {
            throw new ApiProblem(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "NOT_JSON", say("problem.not-json"));
        }
        if (isSignedIn(request) || senders.stream().anyMatch(s -> s.knows(request))) {
            body.isOfKnownSender();
            rest.run();
            return;
        }
        if (body.isAnnouncedTooLong()) {
            throw LimitedBody.tooLong();
        }
        String address = request.getRemoteAddr();
        if (awaited.isHereSoon(body)) {
            rest.run();
        } else if (awaited.enter(address)) {
            try {
                rest.run();
            } finally {
                awaited.leave(address);
            }
        } else {
            throw new ApiProblem(HttpStatus.SERVICE_UNAVAILABLE, "BUSY", say("problem.busy"));
        }
    }

    private static boolean isForm(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && FORMS.stream().anyMatch(type.toLowerCase(Locale.ROOT)::startsWith);
    }

    private static boolean isSignedIn(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null
                && session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY)
                        instanceof SecurityContext;
    }
}
