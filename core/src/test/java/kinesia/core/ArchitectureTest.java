package kinesia.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("kinesia.core");

    @Test
    void the_core_has_no_framework_no_input_and_no_output() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "jakarta..",
                        "org.hibernate..",
                        "com.fasterxml..",
                        "java.nio.file..",
                        "java.net..",
                        "java.sql..")
                .check(CORE);
        // What is remembered may be asked for from several threads; nothing waits, locks or starts one.
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveNameMatching("java\\.util\\.concurrent\\.(?!ConcurrentHashMap$).*")
                .check(CORE);
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveNameMatching("java\\.io\\.(?!StringReader|Serializable|Reader).*")
                .check(CORE);
    }

    @Test
    void the_core_has_no_clock_and_no_randomness() {
        noClasses().should().callMethod(LocalDate.class, "now").check(CORE);
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveNameMatching(
                        "java\\.time\\.(Clock|Instant|LocalDateTime|ZonedDateTime)|java\\.util\\.(Random|UUID)")
                .check(CORE);
        noClasses().should().callMethod(System.class, "currentTimeMillis").check(CORE);
        noClasses().should().callMethod(System.class, "nanoTime").check(CORE);
        noClasses().should().callMethod(Math.class, "random").check(CORE);
    }

    @Test
    void arrows_in_the_core_go_one_way() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("reason")
                .definedBy("kinesia.core.reason..")
                .layer("arm")
                .definedBy("kinesia.core.arm..")
                .layer("exercise")
                .definedBy("kinesia.core.exercise..")
                .layer("screening")
                .definedBy("kinesia.core.screening..")
                .layer("dose")
                .definedBy("kinesia.core.dose..")
                .layer("plan")
                .definedBy("kinesia.core.plan..")
                .layer("response")
                .definedBy("kinesia.core.response..")
                .whereLayer("response")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("plan")
                .mayOnlyBeAccessedByLayers("response")
                .whereLayer("dose")
                .mayOnlyBeAccessedByLayers("plan", "response")
                .whereLayer("screening")
                .mayOnlyBeAccessedByLayers("dose", "plan", "response")
                .whereLayer("exercise")
                .mayOnlyBeAccessedByLayers("screening", "dose", "plan", "response")
                .whereLayer("arm")
                .mayOnlyBeAccessedByLayers("exercise", "screening", "dose", "plan", "response")
                .check(CORE);
    }

    @Test
    void no_class_hides_behind_an_empty_name() {
        classes()
                .should()
                .haveNameNotMatching(".*(Manager|Helper|Utils?|Processor)$")
                .check(CORE);
    }
}
