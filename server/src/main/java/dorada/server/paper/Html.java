package dorada.server.paper;

import java.util.List;
import org.springframework.web.util.HtmlUtils;

/** Well-formed HTML, piece by piece; every text is escaped on its way in. */
final class Html {

    private final StringBuilder all = new StringBuilder();

    /** Of what was typed or said. */
    static String safe(String text) {
        return HtmlUtils.htmlEscapeDecimal(text);
    }

    Html heading(int level, String text) {
        return element("h" + level, text);
    }

    Html element(String name, String text) {
        all.append('<')
                .append(name)
                .append('>')
                .append(safe(text))
                .append("</")
                .append(name)
                .append('>');
        return this;
    }

    /** A paragraph of a kind; nothing where there is nothing to say. */
    Html paragraph(String kind, String text) {
        if (!text.isBlank()) {
            all.append("<p class=\"")
                    .append(kind)
                    .append("\">")
                    .append(safe(text))
                    .append("</p>");
        }
        return this;
    }

    /** Names and what they are; those without anything are left out. */
    Html facts(List<Fact> facts) {
        all.append("<table class=\"facts\"><tbody>");
        for (Fact f : facts) {
            if (!f.value().isBlank()) {
                all.append("<tr><th scope=\"row\">").append(safe(f.name())).append("</th><td>");
                all.append(safe(f.value())).append("</td></tr>");
            }
        }
        all.append("</tbody></table>");
        return this;
    }

    record Fact(String name, String value) {}

    Html table(List<String> heads, List<List<String>> rows) {
        all.append("<table class=\"numbers\"><thead><tr>");
        heads.forEach(h -> all.append("<th scope=\"col\">").append(safe(h)).append("</th>"));
        all.append("</tr></thead><tbody>");
        for (List<String> row : rows) {
            all.append("<tr>");
            row.forEach(cell -> all.append("<td>").append(safe(cell)).append("</td>"));
            all.append("</tr>");
        }
        all.append("</tbody></table>");
        return this;
    }

    Html list(List<String> items) {
        if (!items.isEmpty()) {
            all.append("<ul>");
            items.forEach(i -> element("li", i));
            all.append("</ul>");
        }
        return this;
    }

    /** What is HTML already. */
    Html raw(String html) {
        all.append(html);
        return this;
    }

    @Override
    public String toString() {
        return all.toString();
    }
}
