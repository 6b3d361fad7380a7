package dorada.core;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.properties.HasName;
import com.tngtech.archunit.core.domain.properties.HasOwner;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "dorada.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule coreKnowsNoFrameworkNoServerNoDatabase = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..", "dorada.server..", "jakarta..", "java.sql..", "tools.jackson..");

    @ArchTest
    static final ArchRule coreOpensNoFilesAndNoSockets = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.net..", "java.nio.file..")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.io.File");

    @ArchTest
    static final ArchRule packagesFormNoCycles =
            slices().matching("dorada.core.(*)..").should().beFreeOfCycles();

    /** Not only between packages: a folder within a folder is a room of its own. */
    @ArchTest
    static final ArchRule subpackagesFormNoCyclesEither =
            slices().matching("dorada.core.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule onlyTheirRegistryKnowsTheAntennasByName = noClasses()
            .that()
            .resideOutsideOfPackage("dorada.core.design..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("dorada.core.design..");

    @ArchTest
    static final ArchRule theMeasuringHeartDoesNotKnowTheAdviser = noClasses()
            .that()
            .resideInAnyPackage("dorada.core.rf..", "dorada.core.sweep..", "dorada.core.format..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("dorada.core.tuning..", "dorada.core.acceptance..", "dorada.core.instrument..");

    /** What is found out travels as an outcome. Instruments are talked to in their own formats. */
    @ArchTest
    static final ArchRule nothingIsPutIntoWords = noClasses()
            .that()
            .resideOutsideOfPackages("dorada.core.instrument.scpi..", "dorada.core.simulation..")
            .should()
            .callMethodWhere(JavaCall.Predicates.target(
                            HasOwner.Predicates.With.owner(HasName.Predicates.name("java.lang.String")))
                    .and(JavaCall.Predicates.target(HasName.Predicates.nameMatching("format|formatted"))))
            .orShould()
            .dependOnClassesThat(JavaClass.Predicates.resideInAPackage("java.text..")
                    // Takes accents away, and puts nothing into words.
                    .and(not(HasName.Predicates.nameMatching("java\\.text\\.Normalizer.*"))));
}
