package dorada.server.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import dorada.core.instrument.Analyser;
import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
import dorada.core.instrument.scpi.CommandProfile;
import dorada.core.sweep.Sweep;
import dorada.server.calibration.Calibrations;
import dorada.server.people.PeopleService;
import dorada.server.problem.UserProblem;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.springframework.test.util.ReflectionTestUtils;
import tools.jackson.databind.json.JsonMapper;

/** Another way of talking to analysers is one class. */
class DriversTest {

    /** Two points, the same each time, raw and corrected apart. */
    private static final class Fixed implements AnalyserDriver {

        final AtomicInteger open = new AtomicInteger();

        @Override
        public String id() {
            return "fixed";
        }

        @Override
        public String words() {
            return "Always the same";
        }

        @Override
        public void require(Place place) {
            if (!place.host().equals("shelf")) {
                throw UserProblem.atField("host", "It stands on the shelf.");
            }
        }

        @Override
        public Analyser open(Place place, CommandProfile texts, AnalyserLimits limits) {
            open.incrementAndGet();
            return new Analyser() {
                @Override
                public String identity() {
                    return "fixed";
                }

                @Override
                public AnalyserLimits limits() {
                    return limits;
                }

                @Override
                public Sweep sweep(Span span, int points, int averages, BooleanSupplier goOn) {
                    return new Sweep(new double[] {1e8, 2e8}, new double[] {0.1, 0.2}, new double[] {0, 0}, 50);
                }

                @Override
                public Sweep rawSweep(Span span, int points, int averages, BooleanSupplier goOn) {
                    return new Sweep(new double[] {1e8, 2e8}, new double[] {0.3, 0.4}, new double[] {0, 0}, 50);
                }

                @Override
                public void close() {
                    open.decrementAndGet();
                }
            };
        }
    }

    private final Fixed fixed = new Fixed();
    private final InstrumentRepository kept = mock();
    private final InstrumentService service = new InstrumentService(
            kept,
            mock(PracticeStand.class),
            mock(InventedReadings.class),
            new JsonMapper(),
            mock(PeopleService.class),
            Clock.systemUTC(),
            new Drivers(List.of(new ScpiOverTcp(), fixed)),
            mock(Calibrations.class));

    private static InstrumentRequest request(String driver, String host) {
        return new InstrumentRequest(0, "Fixed", driver, host, 0, null, null, 1e8, 2e8, 2, CommandProfile.STAND_IN);
    }

    @Test
    void itIsEnteredAskedAndSweptLikeTheOthers() {
        when(kept.saveAndFlush(any())).thenAnswer(call -> {
            Instrument saved = call.getArgument(0);
            ReflectionTestUtils.setField(saved, "version", 0L);
            when(kept.findById(saved.id())).thenReturn(Optional.of(saved));
            return saved;
        });
        assertThatThrownBy(() -> service.add(request("fixed", "elsewhere"))).isInstanceOf(UserProblem.class);
        assertThatThrownBy(() -> service.add(request("unheard-of", "shelf"))).isInstanceOf(UserProblem.class);
        String id = service.add(request("fixed", "shelf")).id();
        assertThat(service.limits(id)).isEqualTo(new AnalyserLimits(new Span(1e8, 2e8), 2));
        assertThat(service.identity(id)).isEqualTo("fixed");
        Span span = new Span(1e8, 2e8);
        assertThat(service.sweep(id, span, 2, Optional.empty()).sweep().re(1)).isEqualTo(0.2);
        assertThat(service.rawSweep(id, span, 2, 1).re(1)).isEqualTo(0.4);
        assertThat(fixed.open).hasValue(0);
    }

    @Test
    void oneThatIsNotThereIsMissed() {
        assertThatThrownBy(() -> service.identity(UUID.randomUUID().toString())).isInstanceOf(UserProblem.class);
    }
}
