package grastel.app.platform;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem.FieldProblem;
import grastel.app.platform.storage.ClosedDatabase;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.json.ProblemDetailJacksonMixin;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.transaction.TransactionException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Turns what goes wrong into RFC 9457 problems with a stable {@code code} and, where it applies, {@code fields}. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    /** For answers outside of any controller. */
    private static final JsonMapper JSON = JsonMapper.builder()
            .addMixIn(ProblemDetail.class, ProblemDetailJacksonMixin.class)
            .build();

    @ExceptionHandler
    ResponseEntity<Object> known(ApiProblem problem) {
        return answer(problem.status(), problem.code(), problem.getMessage(), problem.fields());
    }

    /** Two did the same at the same moment, and the database let one of them. */
    @ExceptionHandler
    ResponseEntity<Object> conflicting(DataIntegrityViolationException problem) {
        return switch (ConstraintViolation.of(problem)) {
            case DUPLICATE -> answer(HttpStatus.CONFLICT, "ALREADY_THERE", say("problem.the-same-was-made"), List.of());
            case DANGLING -> answer(HttpStatus.CONFLICT, "GONE", say("problem.something-this-belongs-to"), List.of());
            case OTHER -> unexpected(problem);
        };
    }

    @ExceptionHandler({DataAccessResourceFailureException.class, TransactionException.class})
    ResponseEntity<Object> away(Exception problem) {
        Optional<ApiProblem> told = ApiProblem.behind(problem);
        if (told.isPresent()) {
            return known(told.get());
        }
        LOG.warn("The database does not answer: {}", Failure.of(problem));
        return known(ApiProblem.databaseAway());
    }

    @ExceptionHandler
    ResponseEntity<Object> conflicting(ConcurrencyFailureException problem) {
        return answer(HttpStatus.CONFLICT, "CHANGED_ELSEWHERE", say("problem.this-was-changed-at"), List.of());
    }

    @ExceptionHandler
    ResponseEntity<Object> broken(MultipartException problem) {
        return answer(HttpStatus.BAD_REQUEST, "UPLOAD_BROKEN", say("problem.the-upload-broke-off"), List.of());
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return answer(HttpStatus.CONTENT_TOO_LARGE, "FILE_TOO_LARGE", say("problem.a-file-or-the"), List.of());
    }

    /** A parameter that the firewall lets nobody read. */
    @ExceptionHandler
    ResponseEntity<Object> rejected(RequestRejectedException problem) {
        return answer(HttpStatus.BAD_REQUEST, "BAD_REQUEST", say("problem.the-request-cannot-be"), List.of());
    }

    @ExceptionHandler
    ResponseEntity<Object> unexpected(Exception problem) {
        if (ClosedDatabase.isBehind(problem)) {
            return away(problem);
        }
        String incident = UUID.randomUUID().toString().substring(0, 8);
        LOG.error("Unexpected failure, incident {}: {}", incident, Failure.of(problem));
        return answer(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "UNEXPECTED",
                say("problem.something-failed-that-should", incident),
                List.of());
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException problem,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        return missing(problem.getParameterName());
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestPart(
            MissingServletRequestPartException problem,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        return missing(problem.getRequestPartName());
    }

    private ResponseEntity<Object> missing(String name) {
        String words = say("problem.parameter-missing", name);
        return answer(HttpStatus.BAD_REQUEST, "MISSING", words, List.of(new FieldProblem(name, "MISSING", words)));
    }

    /** A part of the address, or a parameter, that is not what it should be: no number, no date, no id. */
    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String name = said(
                problem instanceof MethodArgumentTypeMismatchException argument
                        ? argument.getName()
                        : problem.getPropertyName());
        return answer(
                HttpStatus.BAD_REQUEST,
                "UNREADABLE",
                say("problem.cannot-be-read", name),
                List.of(new FieldProblem(name, "UNREADABLE", say("problem.it-cannot-be-read"))));
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<FieldProblem> fields = problem.getBindingResult().getFieldErrors().stream()
                .map(Problems::of)
                .toList();
        return invalid(fields);
    }

    /** What could not even be read would name classes of ours. */
    private static FieldProblem of(FieldError error) {
        return error.isBindingFailure()
                ? new FieldProblem(error.getField(), "UNREADABLE", say("problem.it-cannot-be-read"))
                : new FieldProblem(error.getField(), said(error.getCode()), words(error.getDefaultMessage()));
    }

    /** Parameters of the address out of their range. */
    @Override
    protected ResponseEntity<Object> handleHandlerMethodValidationException(
            HandlerMethodValidationException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<FieldProblem> fields = problem.getParameterValidationResults().stream()
                .flatMap(p -> p.getResolvableErrors().stream()
                        .map(e -> new FieldProblem(
                                said(p.getMethodParameter().getParameterName()),
                                e.getCodes() == null ? "INVALID" : e.getCodes()[e.getCodes().length - 1],
                                words(e.getDefaultMessage()))))
                .toList();
        return invalid(fields);
    }

    private static String said(@Nullable String words) {
        return Objects.requireNonNullElse(words, "");
    }

    /** What a constraint says of itself: a key of ours, or the validator's own words. */
    private static String words(@Nullable String message) {
        String words = said(message);
        return words.startsWith("problem.") ? say(words) : words;
    }

    private ResponseEntity<Object> invalid(List<FieldProblem> fields) {
        return answer(HttpStatus.UNPROCESSABLE_CONTENT, "INVALID", say("problem.some-fields-cannot-be"), fields);
    }

    /** A body that is no JSON, or JSON of the wrong kind: the field is named where it is known. */
    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String path = problem.getCause() instanceof JacksonException cause ? pathOf(cause) : "";
        return answer(
                HttpStatus.BAD_REQUEST,
                "UNREADABLE",
                path.isEmpty() ? say("problem.the-request-cannot-be") : say("problem.cannot-be-read", path),
                path.isEmpty()
                        ? List.of()
                        : List.of(new FieldProblem(path, "UNREADABLE", say("problem.it-cannot-be-read"))));
    }

    private static String pathOf(JacksonException problem) {
        StringBuilder path = new StringBuilder();
        problem.getPath().forEach(step -> {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        });
        return path.toString();
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception problem, @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        HttpStatus known = HttpStatus.valueOf(status.value());
        return answer(known, known.name(), words(known), List.of());
    }

    private static String words(HttpStatus status) {
        return switch (status) {
            case BAD_REQUEST -> say("problem.status-bad-request");
            case NOT_FOUND -> say("problem.status-not-found");
            case METHOD_NOT_ALLOWED -> say("problem.status-method");
            case NOT_ACCEPTABLE -> say("problem.status-accept");
            case UNSUPPORTED_MEDIA_TYPE -> say("problem.status-type");
            default -> say("problem.status-other");
        };
    }

    /** The same shape, for the filters that run before any controller. */
    static void write(HttpServletResponse response, HttpStatus status, String code, @Nullable String message)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.getWriter().write(json(status, code, message));
    }

    static String json(HttpStatus status, String code, @Nullable String message) {
        return JSON.writeValueAsString(detail(status, code, message, List.of()));
    }

    private static ResponseEntity<Object> answer(
            HttpStatus status, String code, @Nullable String message, List<FieldProblem> fields) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail(status, code, message, fields));
    }

    private static ProblemDetail detail(
            HttpStatus status, String code, @Nullable String message, List<FieldProblem> fields) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, message);
        detail.setTitle(status.getReasonPhrase());
        detail.setType(URI.create("urn:grastel:problem:" + code));
        detail.setProperty("code", code);
        detail.setProperty("fields", fields);
        return detail;
    }
}
