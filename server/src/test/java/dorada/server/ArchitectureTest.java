package dorada.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
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
}
