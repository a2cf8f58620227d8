package kinesia;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("kinesia");

    @Test
    void the_core_knows_nothing_of_the_server() {
        noClasses()
                .that()
                .resideInAPackage("kinesia.core..")
                .should()
                .dependOnClassesThat(com.tngtech.archunit.base.DescribedPredicate.describe(
                        "live in the server",
                        c -> c.getPackageName().startsWith("kinesia")
                                && !c.getPackageName().startsWith("kinesia.core")))
                .check(ALL);
    }

    @Test
    void capabilities_of_the_server_do_not_go_in_circles() {
        slices().matching("kinesia.(*)..").should().beFreeOfCycles().check(ALL);
    }

    @Test
    void controllers_stay_inside_their_capability() {
        classes()
                .that()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .bePackagePrivate()
                .check(ALL);
    }
}
