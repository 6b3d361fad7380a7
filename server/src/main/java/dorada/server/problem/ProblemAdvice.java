package dorada.server.problem;

import jakarta.validation.ConstraintViolationException;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
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

/** The one place where trouble becomes a problem detail (RFC 9457). */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    /** A wrong value at a field, as it stands in {@code errors}. */
    record FieldProblem(String field, String message) {}

    @ExceptionHandler(JobException.class)
    ProblemDetail job(JobException e) {
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
    ProblemDetail unexpected(Exception e) throws Exception {
        if (e instanceof org.springframework.security.access.AccessDeniedException
                || e instanceof org.springframework.security.core.AuthenticationException) {
            throw e;
        }
        LOG.error("Unexpected trouble", e);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong on our side. What you typed is still on your screen.");
    }

    @ExceptionHandler(MultipartException.class)
    ProblemDetail multipart(MultipartException e) {
        return job(JobException.inFile(0, "The upload could not be read. Please send the file again."));
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(job(JobException.inFile(0, "The file is larger than 20 MB; a sweep file is far smaller.")));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestPart(
            MissingServletRequestPartException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(job(JobException.atField(e.getRequestPartName(), "Please choose a file.")));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(job(JobException.atField(e.getParameterName(), e.getParameterName() + " is missing.")));
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String field =
                e instanceof MethodArgumentTypeMismatchException m ? m.getName() : String.valueOf(e.getPropertyName());
        return respond(job(JobException.atField(field, "\"" + e.getValue() + "\" does not fit " + field + ".")));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_ENTITY, "The request could not be read; a value has the wrong form."));
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(unprocessable(e.getBindingResult().getFieldErrors().stream()
                .map(f -> new FieldProblem(f.getField(), f.getDefaultMessage()))
                .toList()));
    }

    private static ProblemDetail unprocessable(List<FieldProblem> problems) {
        FieldProblem first = problems.isEmpty() ? new FieldProblem("", "A value does not fit.") : problems.get(0);
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_ENTITY, first.message());
        problem.setProperty("field", first.field());
        problem.setProperty("errors", problems);
        return problem;
    }

    private static String lastPart(String path) {
        return path.substring(path.lastIndexOf('.') + 1);
    }

    private static ResponseEntity<Object> respond(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }
}
