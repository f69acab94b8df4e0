package org.hyphantes;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "org.hyphantes", importOptions = ImportOption.DoNotIncludeTests.class)
class ModuleArrowsTest {
    @ArchTest
    static final ArchRule CORE_IS_PURE_COMPUTATION = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "java.awt..", "javax..", "java.io..", "java.nio..", "java.net..");

    @ArchTest
    static final ArchRule PACKAGES_HAVE_NO_CYCLES =
            slices().matching("org.hyphantes.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule ARROWS_RUN_ONE_WAY = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("geometry")
            .definedBy("org.hyphantes.geometry..")
            .layer("symmetry")
            .definedBy("org.hyphantes.symmetry..")
            .layer("setting")
            .definedBy("org.hyphantes.setting..")
            .layer("figure")
            .definedBy("org.hyphantes.figure..")
            .layer("weave")
            .definedBy("org.hyphantes.weave..")
            .layer("plait")
            .definedBy("org.hyphantes.plait..")
            .layer("scene")
            .definedBy("org.hyphantes.scene..")
            .layer("inventory")
            .definedBy("org.hyphantes.inventory..")
            .layer("paint")
            .definedBy("org.hyphantes.paint..")
            .layer("treatment")
            .definedBy("org.hyphantes.treatment..")
            .layer("design")
            .definedBy("org.hyphantes.design..")
            .layer("gauge")
            .definedBy("org.hyphantes.gauge..")
            .layer("known")
            .definedBy("org.hyphantes.known..")
            .whereLayer("known")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("geometry")
            .mayNotAccessAnyLayer()
            .whereLayer("symmetry")
            .mayOnlyAccessLayers("geometry")
            .whereLayer("setting")
            .mayOnlyAccessLayers("geometry")
            .whereLayer("plait")
            .mayOnlyAccessLayers("geometry")
            .whereLayer("figure")
            .mayOnlyAccessLayers("geometry", "setting", "plait")
            .whereLayer("weave")
            .mayOnlyAccessLayers("geometry", "symmetry")
            .whereLayer("paint")
            .mayOnlyAccessLayers("geometry", "setting")
            .whereLayer("scene")
            .mayOnlyAccessLayers("geometry", "weave", "paint")
            .whereLayer("treatment")
            .mayOnlyAccessLayers("geometry", "symmetry", "setting", "plait", "figure", "weave", "paint")
            .whereLayer("design")
            .mayOnlyAccessLayers(
                    "geometry", "symmetry", "setting", "plait", "figure", "weave", "paint", "scene", "treatment")
            .whereLayer("inventory")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("gauge")
            .mayNotBeAccessedByAnyLayer();

    /** Drawing and writing are fed from the scene; only what depicts the work reads it. */
    @ArchTest
    static final ArchRule A_SCENE_KNOWS_NO_WORK = noClasses()
            .that()
            .resideInAPackage("org.hyphantes.scene..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.hyphantes.treatment..");
}
