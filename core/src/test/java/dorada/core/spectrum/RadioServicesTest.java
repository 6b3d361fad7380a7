package dorada.core.spectrum;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Band;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every channel of every list against the rule that is cited beside it; all of them from memory of those rules. */
class RadioServicesTest {

    private static RadioService service(String id) {
        return RadioServices.byId(id).orElseThrow();
    }

    private static Map<String, ServiceChannel> channels(String id) {
        return service(id).channels().stream().collect(Collectors.toMap(ServiceChannel::name, c -> c));
    }

    private static double mhz(String id, String name) {
        return channels(id).get(name).transmitHz() / 1e6;
    }

    /** 47 CFR 95.963: steps of 10 kHz that leave out five frequencies, and channels 23 to 25 out of order. */
    @ParameterizedTest
    @ValueSource(strings = {"cb-us", "cb-eu"})
    void fortyCbChannels(String id) {
        List<Integer> left = List.of(26_995, 27_045, 27_095, 27_145, 27_195);
        List<Integer> khz = IntStream.iterate(26_965, f -> f <= 27_405, f -> f + 10)
                .boxed()
                .filter(f -> !left.contains(f))
                .collect(Collectors.toList());
        // 23 took the place of 25 when the band grew: 27.255, then 27.235 and 27.245.
        khz.add(22, khz.remove(24));
        assertThat(service(id).channels())
                .extracting(c -> (int) Math.rint(c.transmitHz() / 1e3))
                .isEqualTo(khz);
        assertThat(List.of(mhz(id, "1"), mhz(id, "19"), mhz(id, "23"), mhz(id, "40")))
                .containsExactly(26.965, 27.185, 27.255, 27.405);
    }

    /** MPT 1320. */
    @Test
    void ukCbIsEvenlySpaced() {
        assertEven("cb-uk", 40, 27_601_250, 10_000);
        assertThat(mhz("cb-uk", "40")).isEqualTo(27.99125);
    }

    /** ECC Decision (15)05. */
    @Test
    void pmrIsEvenlySpaced() {
        assertEven("pmr446", 16, 446_006_250, 12_500);
    }

    private static void assertEven(String id, int count, double first, double step) {
        assertThat(service(id).channels())
                .extracting(ServiceChannel::transmitHz)
                .containsExactlyElementsOf(IntStream.range(0, count)
                        .mapToObj(i -> first + i * step)
                        .toList());
    }

    /** 47 CFR 95.2763. */
    @Test
    void fiveMursChannels() {
        assertThat(service("murs").channels())
                .extracting(c -> c.transmitHz() / 1e6)
                .containsExactly(151.82, 151.88, 151.94, 154.57, 154.6);
    }

    /** 47 CFR 95.563 and 95.1763. */
    @Test
    void frsAndGmrsShareTwentyTwoChannelsAndGmrsHasEightPairs() {
        for (int n = 1; n <= 22; n++) {
            double expected = n <= 7
                    ? 462.5625 + 0.025 * (n - 1)
                    : n <= 14 ? 467.5625 + 0.025 * (n - 8) : 462.55 + 0.025 * (n - 15);
            assertThat(mhz("frs", "" + n)).isCloseTo(expected, within(1e-9));
            assertThat(mhz("gmrs", "" + n)).isCloseTo(expected, within(1e-9));
        }
        assertThat(service("gmrs").channels().stream().filter(ServiceChannel::isDuplex))
                .hasSize(8)
                .allMatch(c -> c.transmitHz() - c.receiveHz() == 5e6);
    }

    /** ITU Radio Regulations, Appendix 18: 50 kHz steps, the sixties half way between, coast stations 4.6 MHz above. */
    @Test
    void marineChannelsAndTheirPairs() {
        Set<Integer> single = Stream.of(
                        IntStream.of(6, 87, 88), IntStream.rangeClosed(8, 17), IntStream.rangeClosed(67, 77))
                .flatMap(IntStream::boxed)
                .collect(Collectors.toSet());
        IntStream.concat(IntStream.rangeClosed(1, 28), IntStream.rangeClosed(60, 88))
                .forEach(n -> {
                    ServiceChannel c = channels("marine").get("" + n);
                    double ship = n <= 28 ? 156.0 + 0.05 * n : 156.025 + 0.05 * (n - 60);
                    assertThat(c.transmitHz() / 1e6).as("%d", n).isCloseTo(ship, within(1e-9));
                    assertThat(c.receiveHz() - c.transmitHz()).as("%d", n).isEqualTo(single.contains(n) ? 0 : 4.6e6);
                });
        assertThat(mhz("marine", "16")).isEqualTo(156.8);
        assertThat(mhz("marine", "70")).isEqualTo(156.525);
        assertThat(service("marine").channels()).hasSize(59);
    }

    @ParameterizedTest
    @CsvSource({
        "2m-r1,144,146",
        "2m-r2,144,148",
        "2m-r3,144,148",
        "70cm-r1,430,440",
        "70cm-r2,420,450",
        "airband,118,137"
    })
    void bandsHoldTheirChannels(String id, double low, double high) {
        RadioService s = service(id);
        assertThat(s.band()).contains(new Band(low * 1e6, high * 1e6));
        assertThat(s.channels()).allMatch(c -> c.transmitHz() >= low * 1e6 && c.receiveHz() <= high * 1e6);
    }

    static List<RadioService> all() {
        return RadioServices.ALL;
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyListTellsWhereItComesFrom(RadioService s) {
        assertThat(s.source()).contains("from memory");
        assertThat(s.year()).isBetween(1980, 2026);
        assertThat(s.reminders()).isNotEmpty();
        assertThat(s.channels()).extracting(ServiceChannel::name).containsAll(s.usual());
        assertThat(s.channels()).extracting(ServiceChannel::name).doesNotHaveDuplicates();
    }

    @Test
    void aServiceIsJudgedByItsEndsAndItsMainChannel() {
        assertThat(service("cb-us").usual()).containsExactly("1", "19", "40");
        assertThat(service("frs").usual()).containsExactly("15", "20", "14");
    }

    @Test
    void twoServicesForbidOtherAntennas() {
        assertThat(RadioServices.ALL.stream()
                        .filter(s -> s.externalAntenna().isPresent())
                        .map(RadioService::id))
                .containsExactlyInAnyOrder("frs", "pmr446");
    }

    /** ICAO Annex 10, Volume V, table 4-1 (bis): first rows and the row of 121.5 MHz. */
    @ParameterizedTest
    @CsvSource({
        "118.000,118.0000,25000", "118.005,118.0000,8333.3", "118.010,118.0083,8333.3", "118.015,118.0167,8333.3",
        "118.025,118.0250,25000", "118.030,118.0250,8333.3", "118.035,118.0333,8333.3", "118.040,118.0417,8333.3",
        "118.050,118.0500,25000", "118.090,118.0917,8333.3", "121.5,121.5000,25000", "132.065,132.0667,8333.3",
        "136.975,136.9750,25000", "136.990,136.9917,8333.3"
    })
    void airbandNamesAreNotFrequencies(String name, double mhz, double spacing) {
        AirbandChannel c = AirbandChannel.named(name);
        assertThat(c.frequencyHz() / 1e6).isCloseTo(mhz, within(5e-5));
        assertThat(c.spacingHz()).isCloseTo(spacing, within(0.1));
    }

    @Test
    void thereAre760And2280Channels() {
        int wide = 0;
        int narrow = 0;
        for (int khz = 118_000; khz <= 136_990; khz += 5) {
            String name = khz / 1000 + "." + String.format("%03d", khz % 1000);
            if (khz % 25 == 20) {
                assertThatThrownBy(() -> AirbandChannel.named(name)).hasMessageContaining("NO_SUCH_ENDING");
            } else if (AirbandChannel.named(name).spacingHz() == 25_000) {
                wide++;
            } else {
                narrow++;
            }
        }
        assertThat(wide).isEqualTo(760);
        assertThat(narrow).isEqualTo(2280);
        assertThatThrownBy(() -> AirbandChannel.named("137.000")).hasMessageContaining("BEYOND_THE_AIRBAND");
        assertThatThrownBy(() -> AirbandChannel.named("tower")).hasMessageContaining("NO_AIRBAND_CHANNEL");
    }

    @Test
    void aShopsOwnListIsPasted() {
        List<ServiceChannel> list = ChannelList.parse("""
                Name, MHz, receive
                Yard 1, 156.125
                Ferry deck; 457.525; 467.525
                Hill repeater\t146.940\t-0.6
                Quarry 27.185 MHz
                # closed since spring
                Channel 19 27.185
                """);
        assertThat(list).hasSize(5);
        assertThat(list.get(0)).isEqualTo(ServiceChannel.simplex("Yard 1", 156.125e6));
        assertThat(list.get(1).receiveHz()).isEqualTo(467.525e6);
        assertThat(list.get(2)).isEqualTo(ServiceChannel.repeater("Hill repeater", 146.94e6, -0.6e6));
        assertThat(list.get(2).transmitHz()).isEqualTo(146.34e6);
        assertThat(list.get(4).name()).isEqualTo("Channel 19");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Yard 156.125\\nGate|2|NO_NAME_OR_FREQUENCY",
                "Far, 2400.5|1|OUTSIDE_1_TO_1000",
                "#none|1|NO_CHANNEL",
                "Yard, 156,125|1|NO_NAME_OR_FREQUENCY"
            })
    void aLineThatIsNoChannelIsNamed(String text, int line, String why) {
        assertThatThrownBy(() -> ChannelList.parse(text.replace("\\n", "\n")))
                .isInstanceOfSatisfying(
                        ChannelList.LineException.class,
                        e -> assertThat(e.line()).isEqualTo(line))
                .hasMessageContaining(why);
    }
}
