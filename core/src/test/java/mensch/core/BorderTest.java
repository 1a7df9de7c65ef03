package mensch.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import java.io.InputStream;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import org.assertj.core.api.Assertions;
import org.jspecify.annotations.NullMarked;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** The direction of the packages, and what core may not touch. */
class BorderTest {
    /** Each package may use those before it, and no other. */
    private static final List<String> ORDER = List.of(
            "document",
            "geometry",
            "event",
            "rubric",
            "field",
            "convention",
            "reading",
            "formation",
            "rung",
            "play",
            "coverage",
            "front",
            "call",
            "library",
            "lineup",
            "possible",
            "matchup",
            "simulation",
            "roster",
            "audit",
            "repair",
            "stress",
            "verify",
            "sheet",
            "pressure",
            "film",
            "grading",
            "report");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("mensch.core");

    @Test
    void packagesUseOnlyWhatStandsBeforeThem() {
        for (int i = 0; i < ORDER.size(); i++) {
            String[] later = ORDER.subList(i + 1, ORDER.size()).stream()
                    .map(p -> "mensch.core." + p + "..")
                    .toArray(String[]::new);
            if (later.length > 0) {
                noClasses()
                        .that()
                        .resideInAPackage("mensch.core." + ORDER.get(i) + "..")
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(later)
                        .allowEmptyShould(true)
                        .check(CORE);
            }
        }
        SlicesRuleDefinition.slices()
                .matching("mensch.core.(*)..")
                .should()
                .beFreeOfCycles()
                .check(CORE);
        Assertions.assertThat(CORE.stream()
                        .map(c -> c.getPackageName().replace("mensch.core.", "").split("\\.")[0])
                        .distinct())
                .allMatch(ORDER::contains);
    }

    /**
     * Elsewhere an answer that may be missing is an Optional; these few are asked of every man all the time, or are
     * data.
     */
    @Test
    void nullIsAnAnswerOfFewMethodsAndEveryPackageIsChecked() {
        var answers = new TreeSet<String>();
        for (JavaClass one : CORE) {
            Class<?> type = one.reflect();
            Assertions.assertThat(type.getPackage().isAnnotationPresent(NullMarked.class))
                    .as(type.getPackageName())
                    .isTrue();
            Arrays.stream(type.getDeclaredMethods())
                    .filter(m -> !m.isSynthetic() && m.getAnnotatedReturnType().isAnnotationPresent(Nullable.class))
                    .filter(m -> !type.isRecord()
                            || m.getParameterCount() > 0
                            || Arrays.stream(type.getRecordComponents())
                                    .noneMatch(c -> c.getName().equals(m.getName())))
                    .forEach(m -> answers.add(type.getSimpleName() + "." + m.getName()));
        }
        Assertions.assertThat(answers).hasSizeLessThanOrEqualTo(15);
    }

    /** An audit reads jobs and ledgers: the sentences behind them are not its business. */
    @Test
    void theAuditNeverReadsTheRungs() {
        noClasses()
                .that()
                .resideInAPackage("mensch.core.audit..")
                .should()
                .dependOnClassesThat()
                .haveNameMatching("mensch\\.core\\.(rung\\.(Rung|RungReader|Ladder|LadderReader|Condition|Gives)"
                        + "|call\\.(Layer|LayeredRung|Stack|CallReader|CallDocument|CallAssembly))(\\$.*)?")
                .check(CORE);
        noClasses()
                .that()
                .resideInAPackage("mensch.core.audit..")
                .should()
                .callMethod(mensch.core.lineup.Lineup.class, "ladder", mensch.core.lineup.Job.class)
                .check(CORE);
    }

    /** Film knows bodies over time, not jobs. */
    @Test
    void filmDoesNotKnowJobs() {
        noClasses()
                .that()
                .resideInAPackage("mensch.core.film..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("mensch.core.lineup..", "mensch.core.call..", "mensch.core.rung..")
                .allowEmptyShould(true)
                .check(CORE);
    }

    @Test
    void coreHasNoFrameworkNoClockNoRandomnessNoFiles() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "jakarta..",
                        "java.sql..",
                        "java.nio.file..",
                        "java.net..",
                        "java.awt..")
                .check(CORE);
        noClasses()
                .should()
                .dependOnClassesThat()
                .belongToAnyOf(Random.class, java.time.Clock.class, java.time.Instant.class)
                .check(CORE);
        noClasses()
                .should()
                .callMethod(System.class, "nanoTime")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(Math.class, "random")
                .check(CORE);
        noClasses()
                .that()
                .resideOutsideOfPackages("mensch.core.document..")
                .should()
                .dependOnClassesThat()
                .belongToAnyOf(InputStream.class)
                .check(CORE);
    }
}
