package keenfork.house;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_THROW_GENERIC_EXCEPTIONS;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_USE_FIELD_INJECTION;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.stereotype.Controller;

class WebArrowsTest {
    private static final JavaClasses CODE =
            new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests())
                    .importPackages("keenfork.web", "keenfork.format", "keenfork.paper", "keenfork.cli");
    private static final String[] SHARED =
            {"keenfork.web.kitchen..", "keenfork.web.persistence..", "keenfork.web.page.."};
    /// every folder of the web side that is not shared: a new one is held to the rules from its first class on
    private static final String[] FEATURES = CODE.stream().map(c -> c.getPackageName())
            .filter(p -> p.startsWith("keenfork.web.")).map(p -> p + "..").distinct()
            .filter(p -> Stream.of(SHARED).noneMatch(s -> p.startsWith(s.substring(0, s.length() - 1))))
            .toArray(String[]::new);

    @Test
    void every_station_is_held_to_the_arrows() {
        assertThat(FEATURES).contains("keenfork.web.dish..", "keenfork.web.today..", "keenfork.web.label..");
    }

    @Test
    void no_feature_reaches_into_another() {
        slices().matching("keenfork.web.(*)..").should().notDependOnEachOther()
                .ignoreDependency(resideInAnyPackage("keenfork.web.."), resideInAnyPackage(SHARED)).check(CODE);
    }

    @Test
    void what_is_shared_knows_no_feature() {
        noClasses().that().resideInAnyPackage(SHARED).should().dependOnClassesThat().resideInAnyPackage(FEATURES)
                .check(CODE);
        noClasses().that().resideInAPackage("keenfork.web.persistence..").should().dependOnClassesThat()
                .resideInAnyPackage("keenfork.web.kitchen..", "keenfork.web.page..").check(CODE);
        noClasses().that().resideInAPackage("keenfork.web.kitchen..").should().dependOnClassesThat()
                .resideInAPackage("keenfork.web.page..").check(CODE);
    }

    @Test
    void rows_stay_hidden_in_persistence() {
        classes().that().areAnnotatedWith(Entity.class).should().bePackagePrivate().andShould()
                .resideInAPackage("keenfork.web.persistence.*").check(CODE);
        noClasses().that().resideOutsideOfPackage("keenfork.web.persistence..").should().dependOnClassesThat()
                .resideInAnyPackage("jakarta.persistence..", "org.hibernate..").check(CODE);
    }

    @Test
    void what_is_kept_of_one_thing_knows_nothing_of_another() {
        slices().matching("keenfork.web.persistence.(*)").should().notDependOnEachOther().check(CODE);
    }

    @Test
    void the_command_line_and_the_formats_know_no_spring() {
        noClasses().that().resideInAnyPackage("keenfork.cli..", "keenfork.format..").should().dependOnClassesThat()
                .resideInAnyPackage("org.springframework..", "jakarta..", "keenfork.web..").check(CODE);
        noClasses().that().resideInAnyPackage("keenfork.format..", "keenfork.paper..").should().dependOnClassesThat()
                .resideInAnyPackage("keenfork.cli..", "keenfork.web..").check(CODE);
        noClasses().that().resideInAPackage("keenfork.web..").should().dependOnClassesThat()
                .resideInAPackage("keenfork.cli..").check(CODE);
    }

    @Test
    void controllers_are_package_private() {
        classes().that().areAnnotatedWith(Controller.class).should().bePackagePrivate().check(CODE);
    }

    @Test
    void usual_habits() {
        NO_CLASSES_SHOULD_USE_FIELD_INJECTION.check(CODE);
        NO_CLASSES_SHOULD_THROW_GENERIC_EXCEPTIONS.check(CODE);
        NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS.check(CODE);
        noClasses().should().haveSimpleNameEndingWith("Util").orShould().haveSimpleNameEndingWith("Helper").orShould()
                .haveSimpleNameEndingWith("Impl")
                .orShould().haveSimpleNameEndingWith("Dto").orShould().haveSimpleNameEndingWith("Manager").check(CODE);
    }
}
