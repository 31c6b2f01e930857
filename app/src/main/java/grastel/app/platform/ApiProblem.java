package grastel.app.platform;

import static grastel.core.words.Words.say;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/**
 * A request that cannot be done, told as an RFC 9457 problem. The code is stable; the words may change.
 */
public class ApiProblem extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final HttpStatus status;
    private final String code;
    private final transient List<FieldProblem> fields;

    /** What is wrong with one field. @param path as in the request, for example {@code students[3].name} */
    public record FieldProblem(
            @NotNull String path,
            @NotNull String code,
            @NotNull String message) {}

    public ApiProblem(HttpStatus status, String code, @Nullable String message, List<FieldProblem> fields) {
        super(message);
        this.status = status;
        this.code = code;
        this.fields = List.copyOf(fields);
    }

    public ApiProblem(HttpStatus status, String code, String message) {
        this(status, code, message, List.of());
    }

    /** A field that cannot be taken as it is. */
    public static ApiProblem invalid(String path, String code, @Nullable String message) {
        return new ApiProblem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "INVALID",
                message,
                List.of(new FieldProblem(path, code, Objects.requireNonNullElse(message, ""))));
    }

    /**
     * What is made of a field of a request.
     *
     * @throws ApiProblem naming the field where the computation cannot take it
     */
    public static <T> T taken(String path, Supplier<T> made) {
        try {
            return made.get();
        } catch (IllegalArgumentException e) {
            throw invalid(path, "INVALID", e.getMessage());
        }
    }

    /** Not there, or another teacher's: the answer is the same. */
    public static ApiProblem notFound(String what) {
        return new ApiProblem(HttpStatus.NOT_FOUND, "NOT_FOUND", say("problem.there-is-no-such", what));
    }

    /** The database is closed, or cannot be opened just now. */
    public static ApiProblem databaseAway() {
        return new ApiProblem(HttpStatus.SERVICE_UNAVAILABLE, "DATABASE_AWAY", say("problem.the-database-does-not"));
    }

    public static ApiProblem conflict(String code, String message) {
        return new ApiProblem(HttpStatus.CONFLICT, code, message);
    }

    /** One that came up while a transaction was being ended comes wrapped. */
    public static Optional<ApiProblem> behind(Throwable failure) {
        for (Throwable t = failure; t != null; t = t.getCause()) {
            if (t instanceof ApiProblem told) {
                return Optional.of(told);
            }
        }
        return Optional.empty();
    }

    /** The same answer from a filter, before any controller. */
    public void writeTo(HttpServletResponse response) throws IOException {
        Problems.write(response, status, code, getMessage());
    }

    public HttpStatus status() {
        return status;
    }

    public String code() {
        return code;
    }

    public List<FieldProblem> fields() {
        return fields;
    }
}
