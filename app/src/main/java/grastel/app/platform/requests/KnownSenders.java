package grastel.app.platform.requests;

import jakarta.servlet.http.HttpServletRequest;

/** Who may send a file without being signed in, each said by the place that lets them in. */
public interface KnownSenders {
    /**
     * True where the address of the request holds the right. Asked before anything of the body is read.
     *
     * @throws grastel.app.platform.ApiProblem where the address is this place's and holds no right
     */
    boolean knows(HttpServletRequest request);
}
