package dorada.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(packages = "dorada", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule coreDoesNotKnowTheServer = noClasses()
            .that()
            .resideInAPackage("dorada.core..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("dorada.server..");

    @ArchTest
    static final ArchRule capabilitiesFormNoCycles =
            slices().matching("dorada.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule controllersAskServicesNotRepositories = noClasses()
            .that()
            .areAnnotatedWith(RestController.class)
            .should()
            .dependOnClassesThat()
            .areAssignableTo(Repository.class);

    @ArchTest
    static final ArchRule repositoriesStayInTheirCapability =
            classes().that().areAssignableTo(Repository.class).should().bePackagePrivate();

    /** The interface's document knows types by their simple names: the second of two would silently replace the first. */
    @Test
    void whatTravelsHasANameOfItsOwn() {
        Map<String, Long> names = new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("dorada.server").stream()
                        .filter(c -> c.isRecord()
                                && (c.getSimpleName().endsWith("View")
                                        || c.getSimpleName().endsWith("Request")
                                        || c.getSimpleName().endsWith("Answer")))
                        .collect(Collectors.groupingBy(c -> c.getSimpleName(), Collectors.counting()));
        assertThat(names).isNotEmpty();
        assertThat(names.values()).containsOnly(1L);
    }
}
