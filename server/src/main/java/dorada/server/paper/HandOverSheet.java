package dorada.server.paper;

import dorada.core.antenna.Carrier;
import dorada.core.outcome.Outcome;
import dorada.server.installation.InstallationView;
import dorada.server.installation.SignedPart;
import dorada.server.installation.VisitView;
import dorada.server.onair.OnAir;
import dorada.server.paper.Html.Fact;
import dorada.server.radio.Radios;
import dorada.server.sweep.ReadingView;
import dorada.server.tuning.PassView;
import dorada.server.tuning.Proven;
import dorada.server.words.OutcomeView;
import dorada.server.words.Words;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a customer is handed over with an installation: what was fitted, what it reads on its channels and over its band, its final
 * lengths and marks, how it may be used, and by whom that was signed. The shop's own copy has the way there as well.
 */
final class HandOverSheet {

    private static final int QR_SIZE = 92;

    private final Proven.Facts facts;
    private final Beside beside;
    private final InstallationView installation;
    private final VisitView.SignOffView signOff;
    private final PassView pass;
    private final Words words;
    private final Locale locale;
    private final Lengths lengths;
    private final Html html = new Html();

    /**
     * What was proved beside the antenna.
     *
     * @param radio empty where the plan names none of the shop's
     */
    record Beside(Optional<Radios.Known> radio, OnAir.Proof air) {}

    HandOverSheet(Proven.Facts facts, Beside beside, Words words, Locale locale, Lengths lengths) {
        this.beside = beside;
        this.facts = facts;
        this.installation = facts.installation();
        this.signOff = facts.signOff();
        this.pass = facts.pass();
        this.words = words;
        this.locale = locale;
        this.lengths = lengths;
    }

    /** The whole document; parameters as in {@link #body}. */
    String html(String address, PaperFormat format, boolean isForShop) {
        return document(locale, say("TITLE"), title(), format, body(address, isForShop, true));
    }

    /** A document of one sheet or many. */
    static String document(Locale locale, String kind, String title, PaperFormat format, String body) {
        return "<html lang=\"" + locale.getLanguage() + "\"><head><title>" + Html.safe(kind + " " + title)
                + "</title><meta name=\"description\" content=\"" + Html.safe(kind) + "\"/>"
                + "<meta name=\"subject\" content=\"" + Html.safe(title) + "\"/>"
                + "<style>" + STYLE.replace("SIZE", format.size()) + "</style></head><body>" + body + "</body></html>";
    }

    /** Its number and name in the shop. */
    String title() {
        return "%s %s".formatted(installation.shopNumber(), installation.title());
    }

    /** When and by whom it was signed off. */
    String signed() {
        return "%s, %s".formatted(day(LocalDate.ofInstant(signOff.at(), ZoneId.systemDefault())), signOff.by());
    }

    /**
     * What stands on the sheet; asked for once.
     *
     * @param address that opens the installation
     * @param isForShop with the passes and their notes
     * @param withPhotos false where many sheets are one document
     */
    String body(String address, boolean isForShop, boolean withPhotos) {
        html.raw("<div class=\"label\">" + QrCode.svg(address, QR_SIZE, say("QR", "address", address)) + "<br/>"
                + Html.safe(installation.shopNumber()) + "</div>");
        html.paragraph("kind", say(isForShop ? "SHOP_COPY" : "TITLE"));
        html.heading(1, installation.title());
        html.paragraph("lead", words.sentences(outcomes(pass.verdict().says())));
        limit();
        what();
        html.heading(2, say("CURVE"));
        html.raw("<div class=\"picture\">"
                + new CurvePicture(pass).svg(say("CURVE_ALT"), installation.ruleLimitSwr())
                + "</div>");
        channels();
        band();
        lengths();
        parts();
        oldAntenna();
        measured();
        onTheAir();
        cautions();
        if (withPhotos) {
            photos(isForShop);
        }
        if (isForShop) {
            steps();
        }
        signature();
        return html.toString();
    }

    private String say(String key) {
        return words.phrase(new Outcome("sheet." + key, Map.of()));
    }

    private String say(String key, Object... namesAndValues) {
        Map<String, Object> params = new LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            params.put((String) namesAndValues[i], namesAndValues[i + 1]);
        }
        return words.phrase(new Outcome("sheet." + key, params));
    }

    private static List<Outcome> outcomes(List<OutcomeView> views) {
        return views.stream().map(v -> new Outcome(v.id(), v.params())).toList();
    }

    private String day(LocalDate date) {
        return date.format(DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG).withLocale(locale));
    }

    /** How it may be used until it is mended, before anything else. */
    private void limit() {
        if (signOff.limitW() == null && signOff.due() == null) {
            return;
        }
        StringBuilder says = new StringBuilder();
        if (signOff.limitW() != null) {
            says.append(say("LIMIT", "limitW", signOff.limitW())).append(' ');
        }
        if (signOff.due() != null) {
            says.append(say("MENDED_BY", "day", day(signOff.due()))).append(' ');
        }
        if (signOff.mendedBy() != null) {
            says.append(say("WHO_MENDS", "who", signOff.mendedBy()));
        }
        html.paragraph("limit", says.toString());
    }

    private void what() {
        List<Fact> rows = new ArrayList<>();
        rows.add(new Fact(say("CUSTOMER"), installation.customer()));
        rows.add(new Fact(say("CARRIER"), joined(installation.carriedBy(), installation.carrierDetail())));
        rows.add(new Fact(
                say("ANTENNA"),
                joined(
                        words.phrase(installation.antennaKind().words()),
                        installation.antennaName(),
                        installation.baseName(),
                        installation.antennaDetail())));
        rows.add(new Fact(
                say("RADIO"),
                say("RADIO_IS", "ratedW", installation.ratedPowerW(), "ceilingSwr", installation.swrCeiling())));
        beside.radio()
                .ifPresent(r -> rows.add(new Fact(
                        r.name(),
                        r.check()
                                .map(c -> words.sentence(c.verdict()) + " "
                                        + day(LocalDate.ofInstant(c.at(), ZoneId.systemDefault())) + ", " + c.by())
                                .orElse(say("RADIO_NOT_CHECKED")))));
        rows.add(new Fact(say("FEEDLINE"), feedline()));
        rows.add(new Fact(say("RULE"), words.sentence(ruleOutcome())));
        html.facts(rows);
    }

    private Outcome ruleOutcome() {
        return signOff.rule() == null
                ? new Outcome("sheet.RULE_NOT_KNOWN", Map.of())
                : new Outcome(signOff.rule().id(), signOff.rule().params());
    }

    private String feedline() {
        String type = installation.feedlineType() == null || installation.feedlineLengthM() == null
                ? ""
                : joined(
                        words.phrase(new Outcome("feedline." + installation.feedlineType(), Map.of())),
                        lengths.of(installation.feedlineLengthM()));
        return joined(installation.feedlineName(), type, installation.adapterName());
    }

    private static String joined(String... parts) {
        return Stream.of(parts).filter(p -> !p.isBlank()).collect(Collectors.joining(", "));
    }

    private static String number(Double value, int digits) {
        return value == null ? "" : String.format(Locale.ROOT, "%." + digits + "f", value);
    }

    private static String impedance(ReadingView r) {
        return r.resistanceOhm() == null || r.reactanceOhm() == null
                ? ""
                : String.format(
                        Locale.ROOT,
                        "%.0f %s j%.0f",
                        r.resistanceOhm(),
                        r.reactanceOhm() < 0 ? "−" : "+",
                        Math.abs(r.reactanceOhm()));
    }

    private void channels() {
        html.heading(2, say("CHANNELS"));
        html.table(
                List.of(say("CHANNEL"), "MHz", say("SWR"), say("RETURN_LOSS"), say("IMPEDANCE"), ""),
                pass.verdict().channels().stream()
                        .map(c -> List.of(
                                c.primary() ? say("MAIN", "channel", c.name()) : c.name(),
                                number(c.reading().frequencyHz() / 1e6, 3),
                                number(c.reading().swr(), 2),
                                number(c.reading().returnLossDb(), 1),
                                impedance(c.reading()),
                                c.reading().outside() ? say("NOT_READ") : say(c.met() ? "MET" : "MISSED")))
                        .toList());
    }

    private void band() {
        if (facts.overTheBand().isEmpty()) {
            return;
        }
        html.heading(2, say("BAND"));
        html.table(
                List.of("MHz", say("SWR"), say("RETURN_LOSS"), say("IMPEDANCE")),
                facts.overTheBand().stream()
                        .map(r -> List.of(
                                number(r.frequencyHz() / 1e6, 0),
                                number(r.swr(), 2),
                                number(r.returnLossDb(), 1),
                                impedance(r)))
                        .toList());
    }

    private String piece() {
        OutcomeView piece = installation.antennaPiece();
        return words.sentence(new Outcome(piece.id(), piece.params()));
    }

    private void lengths() {
        List<Fact> rows = new ArrayList<>();
        Optional<Double> last = facts.steps().isEmpty()
                ? Optional.empty()
                : facts.steps().get(facts.steps().size() - 1).lengthM();
        double changed =
                facts.steps().stream().mapToDouble(Proven.Step::changeM).sum();
        if (last.isEmpty() && changed != 0) {
            rows.add(new Fact(piece(), say("CHANGED_BY", "change", lengths.change(changed))));
        }
        last.ifPresent(m -> rows.add(new Fact(piece(), lengths.of(m))));
        if (installation.second() != null && facts.secondChangedM() != 0) {
            rows.add(new Fact(
                    words.sentence(installation.second().id().of()),
                    say("CHANGED_BY", "change", lengths.change(facts.secondChangedM()))));
        }
        rows.add(new Fact(say("MARKS"), signOff.remark()));
        rows.add(new Fact(say("REASON"), signOff.reason() == null ? "" : signOff.reason()));
        if (rows.stream().anyMatch(r -> !r.value().isBlank())) {
            html.heading(2, say("LENGTHS"));
            html.facts(rows);
        }
    }

    private void parts() {
        if (!signOff.parts().isEmpty()) {
            html.heading(2, say("PARTS"));
            List<List<String>> rows = new ArrayList<>();
            for (SignedPart p : signOff.parts()) {
                String length = p.lengthM() == null ? "" : lengths.of(p.lengthM());
                rows.add(List.of(Integer.toString(rows.size() + 1), p.name(), length, p.note()));
            }
            html.table(List.of(say("PART_NUMBER"), say("PART"), say("LENGTH_OR_PLACE"), say("MARK")), rows);
        }
    }

    /** Channel by channel against the antenna that was there before; by how much more comes to the air through the match. */
    private void oldAntenna() {
        facts.old().ifPresent(old -> {
            html.heading(2, say("OLD_AND_NEW"));
            Map<Double, ReadingView> before = new HashMap<>();
            old.verdict().channels().forEach(c -> before.put(c.reading().frequencyHz(), c.reading()));
            Map<String, Double> costDb = new HashMap<>();
            if (pass.cost() != null && pass.cost().against() == PassView.Against.OLD_ANTENNA) {
                pass.cost().channels().forEach(c -> costDb.put(c.name(), c.db()));
            }
            html.table(
                    List.of(say("CHANNEL"), "MHz", say("OLD"), say("NEW"), say("GAIN")),
                    pass.verdict().channels().stream()
                            .map(c -> List.of(
                                    c.name(),
                                    number(c.reading().frequencyHz() / 1e6, 3),
                                    swr(before.get(c.reading().frequencyHz())),
                                    swr(c.reading()),
                                    signed(costDb.get(c.name()))))
                            .toList());
        });
    }

    private String swr(ReadingView reading) {
        return reading == null || reading.swr() == null ? say("NOT_READ") : number(reading.swr(), 2);
    }

    /** What a cost in dB brings when it is turned round. */
    private static String signed(Double costDb) {
        return costDb == null
                ? ""
                : String.format(Locale.ROOT, "%+.1f", 0 - costDb).replace('-', '−');
    }

    /** The customer sees how it was left; the shop all that was taken on the way. */
    private void photos(boolean isForShop) {
        List<Proven.Photo> shown = facts.photos().stream()
                .filter(p -> isForShop || p.pass() == pass.number())
                .toList();
        if (shown.isEmpty()) {
            return;
        }
        html.heading(2, say("PHOTOS"));
        for (Proven.Photo p : shown) {
            String caption = say("PHOTO_OF", "pass", Integer.toString(p.pass()));
            html.raw("<div class=\"photo\"><img alt=\"" + Html.safe(caption) + "\" src=\"data:image/jpeg;base64,"
                    + Base64.getEncoder().encodeToString(p.jpeg()) + "\"/>");
            html.paragraph("kind", isForShop ? joined(caption, p.note()) : caption);
            html.raw("</div>");
        }
    }

    private void measured() {
        html.heading(2, say("MEASURED"));
        List<Fact> rows = new ArrayList<>();
        rows.add(new Fact(say("WITH"), joined(words.phrase(pass.readingKind()), words.phrase(pass.plane()))));
        rows.add(new Fact(say("CALIBRATION"), pass.declared()));
        rows.add(new Fact(
                say("CIRCUMSTANCES"),
                pass.circumstances().isEmpty()
                        ? say("NONE_NOTED")
                        : String.join(
                                ", ",
                                pass.circumstances().stream()
                                        .map(c -> words.phrase(c.name()))
                                        .toList())));
        rows.add(new Fact(
                say("READ"),
                say(
                        "READ_BY",
                        "pass",
                        Integer.toString(pass.number()),
                        "who",
                        pass.recordedBy(),
                        "day",
                        day(LocalDate.ofInstant(pass.recordedAt(), ZoneId.systemDefault())))));
        html.facts(rows);
    }

    private void onTheAir() {
        List<Fact> rows = new ArrayList<>();
        beside.air()
                .farthest()
                .ifPresent(f -> rows.add(new Fact(
                        say("UNDERSTOOD_AT"),
                        say(
                                "CALL",
                                "stationAwayM",
                                f.distanceM(),
                                "station",
                                f.station(),
                                "powerFineW",
                                f.powerW(),
                                "report",
                                f.report().of()))));
        beside.air().comparisons().forEach(c -> rows.add(new Fact(say("COMPARED"), words.sentence(c))));
        if (!rows.isEmpty()) {
            html.heading(2, say("ON_AIR"));
            html.facts(rows);
        }
    }

    private void cautions() {
        if (!pass.cautions().isEmpty()) {
            html.heading(2, say("CAUTIONS"));
            html.list(words.each(outcomes(pass.cautions())));
        }
    }

    private void steps() {
        html.heading(2, say("STEPS"));
        html.table(
                List.of(say("PASS"), say("CHANGE"), say("LENGTH"), say("NOTE")),
                facts.steps().stream()
                        .map(s -> List.of(
                                Integer.toString(s.pass()),
                                s.changeM() == 0 ? "" : lengths.change(s.changeM()),
                                s.lengthM().map(lengths::of).orElse(""),
                                s.note()))
                        .toList());
    }

    private void signature() {
        html.heading(2, say("SIGNED"));
        html.paragraph(
                "",
                say(
                        "SIGNED_BY",
                        "who",
                        signOff.by(),
                        "day",
                        day(LocalDate.ofInstant(signOff.at(), ZoneId.systemDefault()))));
        html.paragraph("", say("RECHECK_BY", "day", day(signOff.recheckBy())));
        if (installation.carrier() == Carrier.AIRCRAFT) {
            html.paragraph(
                    "",
                    signOff.returnedBy() == null
                            ? say("NOT_RETURNED")
                            : say("RETURNED_BY", "who", signOff.returnedBy()));
        }
    }

    private static final String STYLE = """
            @page { size: SIZE; margin: 15mm 15mm 17mm;
              @bottom-right { content: counter(page) " / " counter(pages); font-family: Sheet; font-size: 8.5pt; color: #5a6a72; } }
            body { font-family: Sheet; font-size: 10pt; line-height: 1.32; color: #1c2a33; margin: 0; }
            h1 { font-size: 20pt; margin: 0 0 4pt; color: #14344d; }
            h2 { font-size: 11.5pt; margin: 12pt 0 3pt; color: #14344d; border-bottom: 0.6pt solid #c9a24a; padding-bottom: 1pt; page-break-after: avoid; }
            p { margin: 0 0 4pt; }
            .kind { color: #5a6a72; text-transform: none; margin: 0; }
            .lead { font-size: 11.5pt; font-weight: bold; margin-bottom: 6pt; }
            .limit { border: 1pt solid #a5471f; color: #8a3312; font-weight: bold; padding: 5pt 7pt; margin: 4pt 108pt 8pt 0; }
            .label { float: right; text-align: center; font-size: 9pt; margin: 0 0 4pt 10pt; }
            table { border-collapse: collapse; width: 100%; }
            .facts th { text-align: left; font-weight: normal; color: #5a6a72; width: 27%; vertical-align: top; padding: 1.5pt 8pt 1.5pt 0; }
            .facts td { vertical-align: top; padding: 1.5pt 0; }
            .numbers { -fs-table-paginate: paginate; }
            .numbers tr { page-break-inside: avoid; }
            .numbers th { text-align: right; font-weight: bold; border-bottom: 0.6pt solid #8fa0a8; padding: 2pt 6pt; }
            .numbers td { text-align: right; padding: 1.5pt 6pt; border-bottom: 0.3pt solid #dfe5e6; }
            .numbers th:first-child, .numbers td:first-child, .numbers th:last-child, .numbers td:last-child { text-align: left; }
            .sheet { page-break-before: always; }
            .photo { page-break-inside: avoid; margin-top: 4pt; }
            .photo img { max-width: 120mm; max-height: 90mm; }
            .picture { page-break-inside: avoid; margin-top: 4pt; }
            ul { margin: 0; padding-left: 14pt; }
            li { margin: 0 0 2pt; }
            """;
}
