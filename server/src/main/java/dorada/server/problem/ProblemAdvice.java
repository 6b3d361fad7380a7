package dorada.server.problem;

import dorada.core.outcome.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.ConstraintViolationException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;

/** The one place where trouble becomes a problem detail (RFC 9457). */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    private static final int MOST_ECHOED = 100;
    private static final MediaType HTML = new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8);

    /** A wrong value at a field, as it stands in {@code errors}. */
    record FieldProblem(String field, String message) {}

    @ExceptionHandler(UserProblem.class)
    ResponseEntity<?> answer(UserProblem e, HttpServletRequest request) {
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(e.status());
        if (e.properties().get("retryAfterSeconds") instanceof Long seconds) {
            answer.header(HttpHeaders.RETRY_AFTER, String.valueOf(seconds));
        }
        return PageOfProblem.isAskedFor(request)
                ? answer.contentType(HTML).body(PageOfProblem.of(e.getMessage()))
                : answer.body(job(e));
    }

    private static ProblemDetail job(UserProblem e) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(e.status(), e.getMessage());
        e.properties().forEach(problem::setProperty);
        return problem;
    }

    @ExceptionHandler(ObjectOptimisticLockingFailureException.class)
    ProblemDetail stale(ObjectOptimisticLockingFailureException e) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT,
                "Somebody else saved this at the same moment. Load it again and repeat your change.");
    }

    /** Two wrote the same thing at once and the database kept one: sending again finds out which. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    ProblemDetail collided(DataIntegrityViolationException e) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT, "Somebody else recorded at the same moment. Please send it again.");
    }

    @ExceptionHandler(ConstraintViolationException.class)
    ProblemDetail constraint(ConstraintViolationException e) {
        return unprocessable(e.getConstraintViolations().stream()
                .map(v -> new FieldProblem(lastPart(v.getPropertyPath().toString()), v.getMessage()))
                .toList());
    }

    @ExceptionHandler(Exception.class)
    ProblemDetail unexpected(Exception e, WebRequest request) throws Exception {
        if (e instanceof org.springframework.security.access.AccessDeniedException
                || e instanceof org.springframework.security.core.AuthenticationException) {
            throw e;
        }
        if (e instanceof org.eclipse.jetty.http.HttpException unreadable && unreadable.getCode() < 500) {
            return ProblemDetail.forStatusAndDetail(
                    HttpStatusCode.valueOf(unreadable.getCode()), "The request could not be read as it was sent.");
        }
        if (e instanceof org.springframework.security.web.firewall.RequestRejectedException) {
            return ProblemDetail.forStatusAndDetail(
                    HttpStatus.BAD_REQUEST, "The request has a name or an address that is not allowed.");
        }
        Optional<ProblemDetail> database = DatabaseTrouble.of(e);
        if (database.isPresent()) {
            LOG.error("The database: {}", e.getMessage());
            return database.get();
        }
        if (hasWildcardType(request)) {
            return ProblemDetail.forStatusAndDetail(
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE, "A body says what it is: its Content-Type can't be a wildcard.");
        }
        if (e instanceof Refusal refusal) {
            LOG.warn("A value reached core before a request refused it: {}", e.getMessage());
            return job(UserProblem.atField("", refusal));
        }
        if (isSaidByCore(e)) {
            LOG.warn("A value reached core before a request refused it: {}", e.getMessage());
            return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_ENTITY, e.getMessage());
        }
        LOG.error("Unexpected trouble", e);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong on our side. What you typed is still on your screen.");
    }

    /** What core refuses it refuses in a sentence; a request should have refused it at its field. */
    private static boolean isSaidByCore(Exception e) {
        return e instanceof IllegalArgumentException
                && e.getMessage() != null
                && e.getStackTrace().length > 0
                && e.getStackTrace()[0].getClassName().startsWith("dorada.core.");
    }

    private static boolean hasWildcardType(WebRequest request) {
        String type = request.getHeader(HttpHeaders.CONTENT_TYPE);
        return type != null && type.contains("*");
    }

    @ExceptionHandler(MultipartException.class)
    ProblemDetail multipart(MultipartException e) {
        return job(UserProblem.inFile(0, "The upload could not be read. Please send the file again."));
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(job(UserProblem.inFile(0, "The file is larger than 8 MB; a sweep file is far smaller.")));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestPart(
            MissingServletRequestPartException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(job(UserProblem.atField(e.getRequestPartName(), "Please choose a file.")));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(job(UserProblem.atField(e.getParameterName(), e.getParameterName() + " is missing.")));
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String field =
                e instanceof MethodArgumentTypeMismatchException m ? m.getName() : String.valueOf(e.getPropertyName());
        // What came several times is an array, whose own words say nothing.
        String value = e.getValue() instanceof Object[] several
                ? Arrays.stream(several).map(String::valueOf).collect(Collectors.joining(", "))
                : String.valueOf(e.getValue());
        return respond(job(UserProblem.atField(field, "\"" + shortened(value) + "\" does not fit " + field + ".")));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (isTooLong(e)) {
            return respond(ProblemDetail.forStatusAndDetail(
                    HttpStatus.UNPROCESSABLE_ENTITY,
                    "A text, a number or the nesting of the request is longer than anything that Dorada keeps."));
        }
        String field = e.getCause() instanceof DatabindException wrong ? field(wrong) : "";
        return respond(
                field.isEmpty()
                        ? ProblemDetail.forStatusAndDetail(
                                HttpStatus.UNPROCESSABLE_ENTITY,
                                "The request could not be read; a value has the wrong form.")
                        : job(UserProblem.atField(field, wrongForm(e.getCause(), field))));
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(unprocessable(e.getBindingResult().getFieldErrors().stream()
                .map(f -> new FieldProblem(f.getField(), f.getDefaultMessage()))
                .toList()));
    }

    private static boolean isTooLong(Throwable e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof StreamConstraintsException) {
                return true;
            }
        }
        return false;
    }

    /** Where in the body, as validation names it: "recording.changeM", "spots[1].swr". */
    private static String field(DatabindException wrong) {
        StringBuilder field = new StringBuilder();
        wrong.getPath().forEach(step -> {
            if (step.getPropertyName() == null) {
                field.append('[').append(step.getIndex()).append(']');
            } else {
                field.append(field.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        });
        return field.toString();
    }

    private static String wrongForm(Throwable e, String field) {
        return e instanceof InvalidFormatException wrong && wrong.getValue() != null
                ? "\"" + shortened(String.valueOf(wrong.getValue())) + "\" does not fit " + field + "."
                : "The value of " + field + " has the wrong form.";
    }

    private static ProblemDetail unprocessable(List<FieldProblem> problems) {
        FieldProblem first = problems.isEmpty() ? new FieldProblem("", "A value does not fit.") : problems.get(0);
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_ENTITY, first.message());
        problem.setProperty("field", first.field());
        problem.setProperty("errors", problems);
        return problem;
    }

    private static String shortened(String text) {
        return text.length() <= MOST_ECHOED ? text : text.substring(0, MOST_ECHOED) + "…";
    }

    private static String lastPart(String path) {
        return path.substring(path.lastIndexOf('.') + 1);
    }

    private static ResponseEntity<Object> respond(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }
}
