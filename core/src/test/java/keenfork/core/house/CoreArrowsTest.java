package keenfork.core.house;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;

class CoreArrowsTest {
    private static final JavaClasses CODE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("keenfork.core");
    private static final Map<String, List<String>> ARROWS = new TreeMap<>(Map.ofEntries(
            Map.entry("measure", List.of()),
            Map.entry("food", List.of("measure")),
            Map.entry("regime", List.of("measure", "food")),
            Map.entry("pack", List.of("measure", "food")),
            Map.entry("recipe", List.of("measure", "food", "pack")),
            Map.entry("trace", List.of("measure", "food", "regime", "pack", "recipe")),
            Map.entry("diet", List.of("measure", "food", "regime", "pack", "recipe", "trace")),
            Map.entry("search", List.of()),
            Map.entry("people", List.of("food", "regime", "recipe", "trace", "diet")),
            Map.entry("swap",
                    List.of("measure", "food", "regime", "pack", "recipe", "trace", "diet", "search", "people")),
            Map.entry("covers",
                    List.of("measure", "food", "regime", "pack", "recipe", "trace", "search", "people", "swap")),
            Map.entry("kitchen",
                    List.of("measure", "food", "regime", "pack", "recipe", "trace", "diet", "people", "label", "run",
                            "covers")),
            Map.entry("run", List.of("measure", "food", "regime", "pack", "recipe", "trace", "diet", "search")),
            Map.entry("label", List.of("measure", "food", "regime", "pack", "recipe", "trace", "diet"))));
    static final List<String> NAMES = List.copyOf(ARROWS.keySet());

    @ParameterizedTest @FieldSource("NAMES")
    void core_arrows(String name) {
        var allowed = new ArrayList<>(List.of("java..", "org.jspecify..", "keenfork.core." + name + ".."));
        ARROWS.getOrDefault(name, List.of()).forEach(below -> allowed.add("keenfork.core." + below + ".."));
        classes().that().resideInAPackage("keenfork.core." + name + "..")
                .should().onlyDependOnClassesThat().resideInAnyPackage(allowed.toArray(String[]::new)).check(CODE);
    }

    @Test
    void no_package_is_left_out_of_the_table() {
        classes().should()
                .resideInAnyPackage(NAMES.stream().map(n -> "keenfork.core." + n + "..").toArray(String[]::new))
                .check(CODE);
    }

    @Test
    void no_rings() {
        slices().matching("keenfork.core.(*)..").should().beFreeOfCycles().check(CODE);
    }

    @Test
    void the_core_knows_no_files_no_network_no_clock_and_no_chance() {
        noClasses().should().dependOnClassesThat().resideInAnyPackage("java.nio.file..", "java.net..", "java.sql..")
                .check(CODE);
        noClasses().should().dependOnClassesThat().areAssignableTo(Random.class).orShould().dependOnClassesThat()
                .areAssignableTo(Clock.class).check(CODE);
        noClasses().should().callMethod(System.class, "nanoTime").orShould()
                .callMethod(System.class, "currentTimeMillis").check(CODE);
    }

    @Test
    void public_values_are_final() {
        classes().that().arePublic().and().areNotInterfaces().and().areNotEnums().should()
                .haveModifier(com.tngtech.archunit.core.domain.JavaModifier.FINAL).check(CODE);
        fields().that().areDeclaredInClassesThat().arePublic().and().arePublic().should().beFinal().check(CODE);
    }

    @Test
    void no_dumps() {
        noClasses().should().haveSimpleNameEndingWith("Util").orShould().haveSimpleNameEndingWith("Helper").orShould()
                .haveSimpleNameEndingWith("Impl")
                .orShould().haveSimpleNameEndingWith("Manager").check(CODE);
    }
}
