package dorada.core.spectrum;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** 47 CFR 95.963 lists the CB channels; the values checked here are typed from memory of that rule. */
class ServiceChannelsTest {

    private final List<ServiceChannel> cb = ServiceChannels.citizensBandUs();

    private double mhz(int number) {
        return cb.stream()
                        .filter(c -> c.number() == number)
                        .findFirst()
                        .orElseThrow()
                        .frequencyHz()
                / 1e6;
    }

    @Test
    void fortyChannelsFrom26965To27405() {
        assertThat(cb).hasSize(40);
        assertThat(mhz(1)).isEqualTo(26.965);
        assertThat(mhz(9)).isEqualTo(27.065);
        assertThat(mhz(19)).isEqualTo(27.185);
        assertThat(mhz(40)).isEqualTo(27.405);
    }

    @Test
    void channels23To25AreOutOfOrder() {
        assertThat(List.of(mhz(22), mhz(23), mhz(24), mhz(25), mhz(26)))
                .containsExactly(27.225, 27.255, 27.235, 27.245, 27.265);
    }

    @Test
    void noTwoChannelsShareAFrequency() {
        assertThat(cb.stream().map(ServiceChannel::frequencyHz).collect(Collectors.toSet()))
                .hasSize(40);
        assertThat(cb).extracting(ServiceChannel::number).doesNotHaveDuplicates();
    }
}
