package dorada.server.problem;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What no controller answered; asked for by itself, it is a page that is not there. */
@Hidden
@RestController
class ErrorPage implements ErrorController {

    @RequestMapping("${server.error.path:/error}")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
        Optional<ProblemDetail> database =
                request.getAttribute(RequestDispatcher.ERROR_EXCEPTION) instanceof Throwable e
                        ? DatabaseTrouble.of(e)
                        : Optional.empty();
        if (database.isPresent()) {
            return ResponseEntity.status(database.get().getStatus()).body(database.get());
        }
        HttpStatus status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? HttpStatus.resolve(code)
                : HttpStatus.NOT_FOUND;
        HttpStatus known = status == null ? HttpStatus.INTERNAL_SERVER_ERROR : status;
        return ResponseEntity.status(known).body(ProblemDetail.forStatus(known));
    }
}
