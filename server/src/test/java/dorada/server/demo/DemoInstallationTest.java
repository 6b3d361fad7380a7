package dorada.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.antenna.Carrier;
import dorada.server.demo.DemoInstallation.Stage;
import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class DemoInstallationTest {

    @Test
    void theDemoCoversEveryCarrierAndEveryStage() {
        assertThat(DemoInstallation.ALL).hasSizeGreaterThanOrEqualTo(12);
        assertThat(DemoInstallation.ALL.stream().map(d -> d.request().carrier()).collect(Collectors.toSet()))
                .containsExactlyInAnyOrder(Carrier.values());
        assertThat(DemoInstallation.ALL.stream().map(DemoInstallation::stage).collect(Collectors.toSet()))
                .containsAll(Arrays.asList(Stage.values()));
        assertThat(DemoInstallation.ALL.stream().map(DemoInstallation::by).collect(Collectors.toSet()))
                .containsExactlyInAnyOrder("ines", "bruno", "noa");
    }

    @Test
    void everyDemoPlanWouldBeAcceptedFromAPerson() {
        try (var factory = Validation.buildDefaultValidatorFactory()) {
            Validator validator = factory.getValidator();
            assertThat(DemoInstallation.ALL)
                    .allSatisfy(d -> assertThat(validator.validate(d.request())).isEmpty());
        }
    }

    @Test
    void entriesAreDatedFromOldToNewAndInThePast() {
        assertThat(DemoInstallation.ALL).extracting(DemoInstallation::hoursAgo).isSortedAccordingTo((a, b) -> b - a);
        assertThat(DemoInstallation.ALL)
                .allSatisfy(d -> assertThat(d.hoursAgo()).isPositive());
    }
}
