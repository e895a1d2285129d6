package verdamen.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.testng.Assert.assertFalse;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

public class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("verdamen.core");

    @Test
    public void theCoreIsFound() {
        assertFalse(CORE.isEmpty());
    }

    @Test
    public void theCoreKnowsNoWebNoDatabaseAndNoJson() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "org.apache.ibatis..",
                        "jakarta..",
                        "tools.jackson..",
                        "com.fasterxml..",
                        "java.sql..")
                .because("all rules of the job are plain Java, tested on their own")
                .check(CORE);
    }

    @Test
    public void thereAreNoCyclesBetweenStations() {
        slices().matching("verdamen.core.(*)..").should().beFreeOfCycles().check(CORE);
    }
}
