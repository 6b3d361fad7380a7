package dorada.server.problem;

import com.fasterxml.jackson.annotation.JsonInclude;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.outcome.Refusal;
import dorada.server.words.OutcomeView;
import dorada.server.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.ConstraintViolationException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
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

    /**
     * A wrong value at a field, as it stands in {@code errors}.
     *
     * @param outcome the same for a page, which says it in its person's words; null where nobody has put it into words
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record FieldProblem(String field, String message, OutcomeView outcome) {

        static FieldProblem of(String field, Outcome wrong) {
            return new FieldProblem(field, Words.ENGLISH.sentence(wrong), OutcomeView.of(wrong));
        }
    }

    private final WrongValues wrongValues;

    ProblemAdvice(WrongValues wrongValues) {
        this.wrongValues = wrongValues;
    }

    private FieldProblem problem(String field, ConstraintViolation<?> violation) {
        return wrongValues
                .outcome(violation)
                .map(wrong -> FieldProblem.of(field, wrong))
                .orElseGet(() -> new FieldProblem(field, violation.getMessage(), null));
    }

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

    /** Another version, or a row that somebody else holds for too long. */
    @ExceptionHandler(ConcurrencyFailureException.class)
    ProblemDetail stale(ConcurrencyFailureException e) {
        return said(HttpStatus.CONFLICT, Refused.SAVED_AT_ONCE);
    }

    /** Two wrote the same thing at once and the database kept one: sending again finds out which. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    ProblemDetail collided(DataIntegrityViolationException e) {
        return DatabaseTrouble.isUnkeptLetter(e)
                ? said(HttpStatus.UNPROCESSABLE_ENTITY, Refused.UNKEPT_LETTER)
                : said(HttpStatus.CONFLICT, Refused.RECORDED_AT_ONCE);
    }

    @ExceptionHandler(ConstraintViolationException.class)
    ProblemDetail constraint(ConstraintViolationException e) {
        return unprocessable(e.getConstraintViolations().stream()
                .map(v -> problem(lastPart(v.getPropertyPath().toString()), v))
                .toList());
    }

    @ExceptionHandler(Exception.class)
    ProblemDetail unexpected(Exception e, WebRequest request) throws Exception {
        if (e instanceof org.springframework.security.access.AccessDeniedException
                || e instanceof org.springframework.security.core.AuthenticationException) {
            throw e;
        }
        if (e instanceof org.eclipse.jetty.http.HttpException unreadable && unreadable.getCode() < 500) {
            return said(HttpStatusCode.valueOf(unreadable.getCode()), Wrong.NOT_AS_SENT);
        }
        if (e instanceof org.springframework.security.web.firewall.RequestRejectedException) {
            return said(HttpStatus.BAD_REQUEST, Wrong.NAME_NOT_ALLOWED);
        }
        Optional<ProblemDetail> database = DatabaseTrouble.of(e);
        if (database.isPresent()) {
            LOG.error("The database: {}", e.getMessage());
            return database.get();
        }
        if (hasWildcardType(request)) {
            return said(HttpStatus.UNSUPPORTED_MEDIA_TYPE, Wrong.WILDCARD_TYPE);
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
        return said(HttpStatus.INTERNAL_SERVER_ERROR, Refused.OUR_SIDE);
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
        return job(UserProblem.atField("file", Wrong.UPLOAD.of()));
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(job(UserProblem.atField("file", Wrong.FILE_TOO_LARGE.of())));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestPart(
            MissingServletRequestPartException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(job(UserProblem.atField(e.getRequestPartName(), Wrong.CHOOSE_FILE.of())));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(job(UserProblem.atField(e.getParameterName(), Wrong.MISSING.of(e.getParameterName()))));
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
        return respond(job(UserProblem.atField(field, Wrong.VALUE_DOES_NOT_FIT.of(shortened(value), field))));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (isTooLong(e)) {
            return respond(said(HttpStatus.UNPROCESSABLE_ENTITY, Wrong.TOO_LONG));
        }
        String field = e.getCause() instanceof DatabindException wrong ? field(wrong) : "";
        return respond(
                field.isEmpty()
                        ? said(HttpStatus.UNPROCESSABLE_ENTITY, Wrong.UNREADABLE)
                        : job(UserProblem.atField(field, wrongForm(e.getCause(), field))));
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(unprocessable(e.getBindingResult().getFieldErrors().stream()
                .map(f -> f.contains(ConstraintViolation.class)
                        ? problem(f.getField(), f.unwrap(ConstraintViolation.class))
                        : new FieldProblem(f.getField(), f.getDefaultMessage(), null))
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

    private static Outcome wrongForm(Throwable e, String field) {
        return e instanceof InvalidFormatException wrong && wrong.getValue() != null
                ? Wrong.VALUE_DOES_NOT_FIT.of(shortened(String.valueOf(wrong.getValue())), field)
                : Wrong.FORM.of(field);
    }

    private static ProblemDetail unprocessable(List<FieldProblem> problems) {
        FieldProblem first = problems.isEmpty() ? FieldProblem.of("", Wrong.DOES_NOT_FIT.of()) : problems.get(0);
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_ENTITY, first.message());
        problem.setProperty("field", first.field());
        problem.setProperty("errors", problems);
        if (first.outcome() != null) {
            problem.setProperty("outcome", first.outcome());
        }
        return problem;
    }

    /** In English, and as an outcome for a page. */
    static ProblemDetail said(HttpStatusCode status, OutcomeId why) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, Words.ENGLISH.sentence(why.of()));
        problem.setProperty("outcome", OutcomeView.of(why.of()));
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
