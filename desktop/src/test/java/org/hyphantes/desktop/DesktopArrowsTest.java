package org.hyphantes.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

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
}
