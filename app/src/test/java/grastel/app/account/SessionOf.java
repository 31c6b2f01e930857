package grastel.app.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpSession;
import org.jspecify.annotations.Nullable;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** The session that an answer opened, carried into further requests: kept by the server, or a row that a cookie names. */
record SessionOf(@Nullable HttpSession kept, @Nullable Cookie cookie) implements RequestPostProcessor {
    static SessionOf answer(MvcTestResult answer) {
        return new SessionOf(
                answer.getRequest().getSession(false), answer.getResponse().getCookie("grastel"));
    }

    String number() {
        return cookie != null ? cookie.getValue() : kept.getId();
    }

    @Override
    public MockHttpServletRequest postProcessRequest(MockHttpServletRequest request) {
        if (cookie != null) {
            request.setCookies(cookie);
        } else {
            request.setSession(kept);
        }
        return request;
    }
}
