package grastel.app.platform.requests;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import java.io.IOException;
import java.time.Duration;
import org.apache.coyote.ActionCode;
import org.apache.coyote.InputBuffer;
import org.apache.coyote.Request;
import org.apache.tomcat.util.net.ApplicationBufferHandler;
import org.springframework.http.HttpStatus;

/**
 * The body of one request as it comes in from the network. All readers pass here, those of forms and files too. A body that comes
 * too slowly or gets too long ends with an error; the connection is then closed without reading the rest.
 */
final class LimitedBody implements InputBuffer {
    /** Before this a slow body is only a slow start. */
    static final Duration GRACE = Duration.ofSeconds(5);

    /** Slower than any connection of a school; one byte now and then is no upload, bytes a second. */
    static final int LEAST_RATE = 4_000;

    /** The largest body of somebody who is not signed in: a name, a password, an invitation, in bytes. */
    static final int STRANGERS_MOST = 64 * 1024;

    private final Request request;
    private final InputBuffer network;
    private final long length;
    private final long began = System.nanoTime();
    private long most = STRANGERS_MOST;
    private long read;
    private boolean isDropped;

    LimitedBody(Request request) {
        this.request = request;
        this.network = request.getInputBuffer();
        this.length = request.getContentLengthLong();
        request.setInputBuffer(this);
    }

    /** Its sender is known: the body may be as long as what it is for allows. */
    void isOfKnownSender() {
        most = Long.MAX_VALUE;
    }

    boolean isAnnouncedTooLong() {
        return length > most;
    }

    /** True where reading it waits for nobody. */
    boolean isHere() {
        request.action(ActionCode.AVAILABLE, true);
        return length >= 0 && request.getAvailable() >= length;
    }

    @Override
    public int doRead(ApplicationBufferHandler handler) throws IOException {
        if (isDropped) {
            throw new IOException("The rest of the body is not read");
        }
        int got = network.doRead(handler);
        read += Math.max(0, got);
        if (read > most) {
            isDropped = true;
            throw tooLong();
        }
        double seconds = (System.nanoTime() - began) / 1e9;
        if (got >= 0 && seconds > GRACE.toSeconds() + read / (double) LEAST_RATE) {
            isDropped = true;
            throw new ApiProblem(HttpStatus.REQUEST_TIMEOUT, "TOO_SLOW", say("problem.body-too-slow"));
        }
        return got;
    }

    static ApiProblem tooLong() {
        return new ApiProblem(HttpStatus.CONTENT_TOO_LARGE, "TOO_LONG", say("problem.body-too-long"));
    }

    @Override
    public int available() {
        return network.available();
    }

    /** Nobody reads the rest; the connection is closed after the answer instead of waiting for it. */
    void dropRest() {
        isDropped = true;
    }

    /** The connection's next request has limits of its own. @param isRefused the answer is a refusal */
    void end(boolean isRefused) {
        request.setInputBuffer(network);
        boolean isUnread = length < 0 || read < length;
        if (isDropped || isRefused && isUnread && most != Long.MAX_VALUE) {
            request.action(ActionCode.DISABLE_SWALLOW_INPUT, null);
        }
    }
}
