package dorada.server.table;

import dorada.core.catalogue.Table;
import dorada.core.format.FormatException;
import dorada.server.problem.UserProblem;
import dorada.server.problem.WrongValues;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/** Tables in and out. */
@Component
public final class Tables {

    private final Validator validator;
    private final WrongValues wrongValues;

    Tables(Validator validator, WrongValues wrongValues) {
        this.validator = validator;
        this.wrongValues = wrongValues;
    }

    public static ResponseEntity<String> answer(String name, String table) {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name + ".csv")
                                .build()
                                .toString())
                .body(table);
    }

    public static String text(MultipartFile file) throws IOException {
        return new String(file.getBytes(), StandardCharsets.UTF_8);
    }

    /** Makes of a row what a form would send, or refuses it as that would be. */
    @FunctionalInterface
    public interface Reader<R> {
        R request(Table.Row row) throws FormatException;
    }

    /**
     * What the rows of a file ask for: all of them, or nothing and the first line that a form would refuse too.
     *
     * @throws UserProblem at the file, with the line
     */
    public <R> List<R> requests(MultipartFile file, List<String> needed, Reader<R> reader) throws IOException {
        try {
            List<R> requests = new ArrayList<>();
            for (Table.Row row : Table.read(text(file), needed)) {
                try {
                    requests.add(checked(reader.request(row), row.line()));
                } catch (UserProblem e) {
                    throw e.inLine(row.line());
                }
            }
            return requests;
        } catch (FormatException e) {
            throw UserProblem.inFile(e);
        }
    }

    private <R> R checked(R request, int line) throws FormatException {
        ConstraintViolation<R> first = validator.validate(request).stream()
                .min(Comparator.comparing(v -> v.getPropertyPath().toString()))
                .orElse(null);
        if (first != null) {
            throw new FormatException(line, wrongValues.outcome(first).orElseThrow());
        }
        return request;
    }
}
