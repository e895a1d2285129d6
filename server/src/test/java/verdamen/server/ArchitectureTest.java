package verdamen.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.web.bind.annotation.RestController;
import org.testng.annotations.Test;

/** The boundaries of the server. */
public class ArchitectureTest {

    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("verdamen.server");

    private static final JavaClasses CORE_AND_SERVER = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("verdamen");

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
    public void whatIsPublicInTheCoreIsUsedOutsideItsPackage() {
        List<String> unused = CORE_AND_SERVER.stream()
                .filter(ArchitectureTest::isPublicInTheCore)
                .filter(each -> !isUsedOutside(each) && !isPartOfWhatIsPublic(each))
                .map(JavaClass::getName)
                .sorted()
                .toList();
        assertEquals(
                String.join(", ", unused), "", "public means supported: what only its own package uses is not public");
    }

    private static boolean isPublicInTheCore(JavaClass each) {
        return each.getPackageName().startsWith("verdamen.core")
                && each.getModifiers().contains(JavaModifier.PUBLIC)
                && each.isTopLevelClass();
    }

    private static boolean isUsedOutside(JavaClass each) {
        return each.getDirectDependenciesToSelf().stream()
                .anyMatch(use -> !use.getOriginClass().getPackageName().equals(each.getPackageName()));
    }

    /** Whether a public type answers with it or asks for it. */
    private static boolean isPartOfWhatIsPublic(JavaClass each) {
        return each.getDirectDependenciesToSelf().stream()
                .map(Dependency::getOriginClass)
                .filter(user -> user.getModifiers().contains(JavaModifier.PUBLIC) && !user.equals(each))
                .flatMap(user -> user.getCodeUnits().stream())
                .filter(unit -> unit.getModifiers().contains(JavaModifier.PUBLIC))
                .anyMatch(unit -> unit.getAllInvolvedRawTypes().contains(each)
                        || unit.getReturnType().getAllInvolvedRawTypes().contains(each)
                        || unit.getParameterTypes().stream()
                                .anyMatch(type -> type.getAllInvolvedRawTypes().contains(each)));
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
