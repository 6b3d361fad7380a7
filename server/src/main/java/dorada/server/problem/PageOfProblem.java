package dorada.server.problem;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.util.HtmlUtils;

/** A problem for a person who followed a link to a file: a sentence and the way back, instead of JSON. */
final class PageOfProblem {

    private static final String PAGE = """
            <!doctype html>
            <html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
            <title>Dorada</title></head>
            <body style="font: 20px/1.5 sans-serif; max-width: 32em; margin: 4em auto; padding: 0 1em">
            <h1 style="font-size: 1.2em">%s</h1>
            <p><a href="/">To the jobs</a></p>
            </body></html>
            """;

    private PageOfProblem() {}

    /** True where a browser opens an address; a page's own requests and scripts ask for anything or for JSON. */
    static boolean isAskedFor(HttpServletRequest request) {
        String accept = request.getHeader(HttpHeaders.ACCEPT);
        return "GET".equals(request.getMethod()) && accept != null && accept.startsWith(MediaType.TEXT_HTML_VALUE);
    }

    static String of(String sentence) {
        return PAGE.formatted(HtmlUtils.htmlEscape(sentence));
    }
}
