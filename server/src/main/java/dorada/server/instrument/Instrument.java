package dorada.server.instrument;

import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
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

    /** @param limits null where nobody stated them */
    void set(String newName, String newDriver, AnalyserDriver.Place place, AnalyserLimits limits, String newProfile) {
        name = newName;
        driver = newDriver;
        host = place.host();
        port = place.port();
        serialPort = place.serialPort();
        baud = place.baud();
        lowestHz = limits == null ? null : limits.span().startHz();
        highestHz = limits == null ? null : limits.span().stopHz();
        mostPoints = limits == null ? null : limits.mostPoints();
        profile = newProfile;
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

    String host() {
        return host;
    }

    int port() {
        return port;
    }

    String profile() {
        return profile;
    }
}
