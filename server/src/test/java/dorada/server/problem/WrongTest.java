package dorada.server.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import jakarta.validation.Validator;
import jakarta.validation.metadata.BeanDescriptor;
import jakarta.validation.metadata.ConstraintDescriptor;
import jakarta.validation.metadata.ContainerDescriptor;
import jakarta.validation.metadata.ElementDescriptor;
import jakarta.validation.metadata.MethodType;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.AnnotatedBeanDefinition;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.RegexPatternTypeFilter;
import org.springframework.util.ClassUtils;

/** Whatever a constraint of a request refuses is said in the words of the catalogue, with the bounds that it asks for. */
class WrongTest extends ApiTest {

    @Autowired
    private Validator validator;

    @Test
    void everyConstraintHasWordsAndTheBoundsThatTheyTake() {
        List<ElementDescriptor> values = classes().flatMap(this::values).toList();
        assertThat(values).hasSizeGreaterThan(200);
        Set<Wrong> said = new TreeSet<>();
        for (ElementDescriptor value : values) {
            for (ConstraintDescriptor<?> c : value.getConstraintDescriptors()) {
                String message = c.getMessageTemplate();
                // The library's own are turned into ours by ValidationMessages.
                if (message.startsWith("{jakarta.") || message.startsWith("{org.hibernate.")) {
                    assertThat(message)
                            .as("%s of %s", message, value)
                            .matches(
                                    "\\{jakarta\\.validation\\.constraints\\.(NotNull|NotBlank|NotEmpty|Size|Min|Max)\\.message}");
                    continue;
                }
                Wrong wrong = WrongValues.of(message).orElseThrow(() -> new AssertionError(message + " is no Wrong"));
                said.add(wrong);
                assertThatCode(() -> wrong.takes()
                                .forEach(name -> WrongValues.bound(name, value.getConstraintDescriptors())))
                        .as("%s of %s", message, value)
                        .doesNotThrowAnyException();
            }
        }
        assertThat(said).contains(Wrong.LETTERS, Wrong.POWER, Wrong.FREQUENCY).hasSizeGreaterThan(60);
    }

    @Test
    void boundsAreSentWithWhatIsRefused() throws Exception {
        getAs(
                        technician,
                        "/api/book/like?kind=QUARTER_WAVE_WHIP&channelsHz=12&carrier=VEHICLE&oneWay=true&mount=x&antenna=x")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.errors[0].outcome.id").value("wrong.FREQUENCY"))
                .andExpect(jsonPath("$.errors[0].outcome.params.lowTidyHz").value(1e6))
                .andExpect(jsonPath("$.detail").value("A frequency lies between 1 MHz and 1000 MHz."));
    }

    private static Stream<Class<?>> classes() {
        var scanner = new ClassPathScanningCandidateComponentProvider(false) {
            @Override
            protected boolean isCandidateComponent(AnnotatedBeanDefinition any) {
                return true;
            }
        };
        scanner.addIncludeFilter(new RegexPatternTypeFilter(Pattern.compile("dorada\\.server\\..*")));
        return scanner.findCandidateComponents("dorada.server").stream()
                .map(d -> ClassUtils.resolveClassName(Objects.requireNonNull(d.getBeanClassName()), null));
    }

    private Stream<ElementDescriptor> values(Class<?> type) {
        BeanDescriptor bean = validator.getConstraintsForClass(type);
        Stream<ElementDescriptor> parameters =
                bean.getConstrainedMethods(MethodType.NON_GETTER, MethodType.GETTER).stream()
                        .flatMap(m -> m.getParameterDescriptors().stream());
        return Stream.concat(bean.getConstrainedProperties().stream(), parameters)
                .flatMap(v -> Stream.concat(
                        Stream.of(v), ((ContainerDescriptor) v).getConstrainedContainerElementTypes().stream()));
    }
}
