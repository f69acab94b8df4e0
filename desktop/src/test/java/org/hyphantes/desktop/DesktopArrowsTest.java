package org.hyphantes.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;

@AnalyzeClasses(packages = "org.hyphantes", importOptions = ImportOption.DoNotIncludeTests.class)
class DesktopArrowsTest {
    @ArchTest
    static final ArchRule ONLY_THE_DESKTOP_KNOWS_THE_SCREEN = noClasses()
            .that()
            .resideOutsideOfPackage("org.hyphantes.desktop..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "org.hyphantes.desktop..");

    @ArchTest
    static final ArchRule THE_CORE_KNOWS_NO_FILES = noClasses()
            .that()
            .resideOutsideOfPackages("org.hyphantes.desktop..", "org.hyphantes.exchange..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.hyphantes.exchange..");

    private static final String[] DRAWING = {
        "org.hyphantes.desktop.picture..",
        "org.hyphantes.desktop.corner..",
        "org.hyphantes.desktop.strip..",
        "org.hyphantes.desktop.card..",
        "org.hyphantes.desktop.field..",
        "org.hyphantes.exchange.svg..",
        "org.hyphantes.exchange.format..",
        "org.hyphantes.exchange.report.."
    };

    /** What draws and what writes is fed from the scene, or reads the inventory; nothing of it reads the work behind them. */
    @ArchTest
    static final ArchRule NO_DRAWING_OR_WRITING_CODE_READS_THE_WORK = noClasses()
            .that()
            .resideInAnyPackage(DRAWING)
            .or()
            .haveNameMatching("org\\.hyphantes\\.desktop\\.stage\\..*(Marks|Ground|Card)")
            .should()
            .dependOnClassesThat()
            .haveNameMatching("org\\.hyphantes\\.treatment\\.(Work|Laid|Laying)");

    @ArchTest
    static final ArchRule PACKAGES_OF_THE_WINDOW_HAVE_NO_CYCLES =
            slices().matching("org.hyphantes.desktop.(**)").should().beFreeOfCycles();

    /** A class with those within it is one slice. */
    private static final SliceAssignment EACH_CLASS = new SliceAssignment() {
        @Override
        public String getDescription() {
            return "classes of the window";
        }

        @Override
        public SliceIdentifier getIdentifierOf(JavaClass one) {
            return one.getPackageName().startsWith("org.hyphantes.desktop")
                    ? SliceIdentifier.of(one.getName().replaceAll("\\$.*", ""))
                    : SliceIdentifier.ignore();
        }
    };

    @ArchTest
    static final ArchRule CLASSES_OF_THE_WINDOW_HAVE_NO_LOOPS =
            slices().assignedFrom(EACH_CLASS).should().beFreeOfCycles();

    /** The window's layers: pictures know no desk, the desk no acts, acts no stages, stages no field and no words. */
    @ArchTest
    static final ArchRule THE_WINDOW_IS_LAYERED = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("chrome")
            .definedBy("org.hyphantes.desktop.chrome..")
            .layer("picture")
            .definedBy("org.hyphantes.desktop.picture..")
            .layer("desk")
            .definedBy("org.hyphantes.desktop.desk..")
            .layer("act")
            .definedBy("org.hyphantes.desktop.act..")
            .layer("stage")
            .definedBy("org.hyphantes.desktop.stage..")
            .layer("parts")
            .definedBy(
                    "org.hyphantes.desktop.field..",
                    "org.hyphantes.desktop.wording..",
                    "org.hyphantes.desktop.strip..",
                    "org.hyphantes.desktop.rail..",
                    "org.hyphantes.desktop.card..",
                    "org.hyphantes.desktop.corner..",
                    "org.hyphantes.desktop.files..")
            .whereLayer("chrome")
            .mayNotAccessAnyLayer()
            .whereLayer("picture")
            .mayOnlyAccessLayers("chrome")
            .whereLayer("desk")
            .mayNotAccessAnyLayer()
            .whereLayer("act")
            .mayOnlyAccessLayers("desk", "picture", "chrome")
            .whereLayer("stage")
            .mayOnlyAccessLayers("act", "desk", "picture", "chrome");

    /** A folder of a stage is a stage's own: the rest of the window asks the list. */
    @ArchTest
    static final ArchRule ONLY_THE_LIST_KNOWS_STAGES_BY_NAME = noClasses()
            .that()
            .resideInAPackage("org.hyphantes.desktop..")
            .and()
            .doNotHaveSimpleName("Stages")
            .and()
            .resideOutsideOfPackage("org.hyphantes.desktop.stage.*..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.hyphantes.desktop.stage.*..");
}
