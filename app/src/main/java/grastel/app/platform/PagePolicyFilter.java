package grastel.app.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.SecureRandom;
import java.util.Base64;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * The content-security policy of pages: only this server's files, and only styles that carry this answer's number. The
 * number goes into the page by {@link InterfacePage}. Answers of the API keep the stricter policy set in {@link Security}.
 */
class PagePolicyFilter extends OncePerRequestFilter {
    static final String NONCE = "grastel.nonce";
    private static final SecureRandom RANDOM = new SecureRandom();

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        if (!path.startsWith("/api/") && !path.startsWith("/v3/") && !path.startsWith("/actuator/")) {
            byte[] bytes = new byte[16];
            RANDOM.nextBytes(bytes);
            String nonce = Base64.getEncoder().withoutPadding().encodeToString(bytes);
            request.setAttribute(NONCE, nonce);
            response.setHeader(
                    "Content-Security-Policy",
                    "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-" + nonce
                            + "'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; form-action 'self';"
                            + " base-uri 'none'; frame-ancestors 'none'");
        }
        chain.doFilter(request, response);
    }
}
