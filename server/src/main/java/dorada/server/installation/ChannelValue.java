package dorada.server.installation;

import dorada.core.acceptance.WantedChannel.Use;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;

/** A wanted channel as it is stored: no record, because Envers reads none. */
@Embeddable
class ChannelValue {

    private String name;
    private double frequencyHz;

    @Column(name = "is_primary")
    private boolean primary;

    @Enumerated(EnumType.STRING)
    @Column(name = "channel_use", length = 20)
    private Use use;

    private Double weight;
    private String radio;

    protected ChannelValue() {}

    ChannelValue(Channel c) {
        name = c.name();
        frequencyHz = c.frequencyHz();
        primary = c.primary();
        use = c.use();
        weight = c.weight();
        radio = c.radio();
    }

    Channel record() {
        return new Channel(name, frequencyHz, primary, use, weight, radio);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof ChannelValue c && record().equals(c.record());
    }

    @Override
    public int hashCode() {
        return record().hashCode();
    }
}
