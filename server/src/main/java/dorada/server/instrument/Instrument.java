package dorada.server.instrument;

import dorada.server.removed.Removable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;

/** An analyser on the network. */
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

    protected Instrument() {}

    Instrument(UUID id) {
        this.id = id;
    }

    void set(String newName, String newHost, int newPort, String newProfile) {
        name = newName;
        host = newHost;
        port = newPort;
        profile = newProfile;
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
