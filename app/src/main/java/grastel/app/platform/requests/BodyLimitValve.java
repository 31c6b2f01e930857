package grastel.app.platform.requests;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;

/** Puts a {@link LimitedBody} before whatever reads the body of a request, for {@link BodyLimitFilter} to loosen. */
final class BodyLimitValve extends ValveBase {
    static final String BODY = LimitedBody.class.getName();

    BodyLimitValve() {
        super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        boolean hasBody = request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
        if (!hasBody) {
            getNext().invoke(request, response);
            return;
        }
        LimitedBody body = new LimitedBody(request.getCoyoteRequest());
        request.setAttribute(BODY, body);
        try {
            getNext().invoke(request, response);
        } finally {
            body.end(response.getStatus() >= HttpServletResponse.SC_BAD_REQUEST);
        }
    }
}
