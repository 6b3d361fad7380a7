package dorada.server.spectrum;

import dorada.core.spectrum.ServiceChannel;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/** A channel of a shop's list, as stored. */
@Embeddable
record ListedChannel(
        String name,
        @Column(name = "transmit_hz") double transmitHz,
        @Column(name = "receive_hz") double receiveHz,
        String note) {

    static ListedChannel of(ServiceChannel c) {
        return new ListedChannel(c.name(), c.transmitHz(), c.receiveHz(), c.note());
    }

    ServiceChannel channel() {
        return new ServiceChannel(name, transmitHz, receiveHz, note);
    }
}
