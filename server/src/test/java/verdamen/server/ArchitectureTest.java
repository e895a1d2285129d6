package verdamen.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.testng.Assert.assertFalse;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.web.bind.annotation.RestController;
import org.testng.annotations.Test;

/** The boundaries of the server. */
public class ArchitectureTest {

    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("verdamen.server");

    @Test
    public void theServerIsFound() {
        assertFalse(SERVER.isEmpty());
    }

    @Test
    public void theWebLayerNeverTouchesAMapper() {
        noClasses()
                .that()
                .areAnnotatedWith(RestController.class)
                .should()
                .dependOnClassesThat()
                .areAnnotatedWith(Mapper.class)
                .because("controllers ask a service; only services know the database")
                .check(SERVER);
    }

    @Test
    public void mappersStayInTheirFeature() {
        classes()
                .that()
                .areAnnotatedWith(Mapper.class)
                .should()
                .bePackagePrivate()
                .because("a feature's tables are its own")
                .check(SERVER);
    }

    @Test
    public void thereAreNoCyclesBetweenFeatures() {
        slices().matching("verdamen.server.(*)..").should().beFreeOfCycles().check(SERVER);
    }

    @Test
    public void controllersAreNamedAsSuchAndHidden() {
        classes()
                .that()
                .areAnnotatedWith(RestController.class)
                .should()
                .haveSimpleNameEndingWith("Controller")
                .andShould()
                .bePackagePrivate()
                .check(SERVER);
    }
}
