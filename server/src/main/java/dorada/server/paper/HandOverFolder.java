package dorada.server.paper;

import dorada.core.outcome.Outcome;
import dorada.server.words.Words;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** All that a customer was handed over: a list of it, and each sheet, without its photos, from a page of its own on. */
final class HandOverFolder {

    /** What stands on one sheet, and its row in the list. */
    record Sheet(String title, String signed, String body) {}

    private final String customer;
    private final List<Sheet> sheets;
    private final List<String> missing;
    private final Words words;
    private final Locale locale;

    /** @param missing those that have no sheet, and why */
    HandOverFolder(String customer, List<Sheet> sheets, List<String> missing, Words words, Locale locale) {
        this.customer = customer;
        this.sheets = sheets;
        this.missing = missing;
        this.words = words;
        this.locale = locale;
    }

    String html(PaperFormat format, boolean isForShop, LocalDate today) {
        Html html = new Html();
        html.paragraph("kind", say(isForShop ? "FOLDER_SHOP" : "FOLDER"));
        html.heading(1, customer);
        html.paragraph(
                "lead",
                today.format(DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG).withLocale(locale)));
        List<List<String>> rows = new ArrayList<>();
        sheets.forEach(s -> rows.add(List.of(s.title(), s.signed())));
        html.table(List.of(say("FOLDER_INSTALLATION"), say("FOLDER_SIGNED")), rows);
        if (!missing.isEmpty()) {
            html.heading(2, say("FOLDER_MISSING"));
            html.list(missing);
        }
        sheets.forEach(s -> html.raw("<div class=\"sheet\">").raw(s.body()).raw("</div>"));
        return HandOverSheet.document(locale, say("FOLDER"), customer, format, html.toString());
    }

    private String say(String key) {
        return words.phrase(new Outcome("sheet." + key, Map.of()));
    }
}
