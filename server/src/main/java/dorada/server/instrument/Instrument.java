package dorada.server.instrument;

import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
import dorada.core.instrument.scpi.CommandProfile;
import dorada.server.removed.Removable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.Optional;
import java.util.UUID;

/** An analyser of the shop: how it is talked to, where it is, and what it can sweep. */
@Entity
class Instrument extends Removable {

    @Id
    private UUID id;

    @Version
    private Long version;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String host;

    @Column(nullable = false)
    private int port;

    /** The command profile as JSON. */
    @Column(nullable = false, length = 4000)
    private String profile;

    @Column(nullable = false, length = 30)
    private String driver;

    private String serialPort;
    private Integer baud;
    private Double lowestHz;
    private Double highestHz;
    private Integer mostPoints;

    protected Instrument() {}

    Instrument(UUID id) {
        this.id = id;
    }

    /** @param texts the request's command texts as JSON */
    Instrument set(InstrumentRequest r, String texts) {
        name = r.name().strip();
        driver = r.driver();
        AnalyserDriver.Place place = r.place();
        host = place.host();
        port = place.port();
        serialPort = place.serialPort();
        baud = place.baud();
        Optional<AnalyserLimits> limits = r.limits();
        lowestHz = limits.map(l -> l.span().startHz()).orElse(null);
        highestHz = limits.map(l -> l.span().stopHz()).orElse(null);
        mostPoints = limits.map(AnalyserLimits::mostPoints).orElse(null);
        profile = texts;
        return this;
    }

    /** What was entered, with its command texts read. */
    InstrumentRequest entered(CommandProfile texts) {
        return new InstrumentRequest(
                version,
                name,
                driver,
                host,
                port,
                serialPort == null || serialPort.isEmpty() ? null : serialPort,
                baud == null || baud == 0 ? null : baud,
                lowestHz,
                highestHz,
                mostPoints,
                texts);
    }

    String driver() {
        return driver;
    }

    AnalyserDriver.Place place() {
        return new AnalyserDriver.Place(host, port, serialPort == null ? "" : serialPort, baud == null ? 0 : baud);
    }

    Optional<AnalyserLimits> limits() {
        return lowestHz == null || highestHz == null || mostPoints == null
                ? Optional.empty()
                : Optional.of(new AnalyserLimits(new Span(lowestHz, highestHz), mostPoints));
    }

    @Override
    public UUID id() {
        return id;
    }

    long version() {
        return version;
    }

    @Override
    public String name() {
        return name;
    }

    String profile() {
        return profile;
    }
}
