package mensch.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.RestController;

/** The direction of the application's features, and what each kind of class may not do. */
class BorderTest {
    /** Each feature may use those before it, and no other. */
    private static final List<String> ORDER = List.of(
            "problem",
            "version",
            "bounds",
            "work",
            "programme",
            "playbook",
            "roster",
            "call",
            "board",
            "game",
            "played",
            "film",
            "grading",
            "report",
            "joining",
            "plan");

    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("mensch.app");

    @Test
    void featuresUseOnlyWhatStandsBeforeThem() {
        for (int i = 0; i + 1 < ORDER.size(); i++) {
            String[] later = ORDER.subList(i + 1, ORDER.size()).stream()
                    .map(p -> "mensch.app." + p + "..")
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("mensch.app." + ORDER.get(i) + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(later)
                    .check(APP);
        }
        SlicesRuleDefinition.slices()
                .matching("mensch.app.(*)..")
                .should()
                .beFreeOfCycles()
                .check(APP);
        assertThat(APP.stream()
                        .map(c -> c.getPackageName().replaceFirst("^mensch\\.app\\.?", ""))
                        .filter(p -> !p.isEmpty())
                        .distinct())
                .allMatch(ORDER::contains);
    }

    /** The picture in docs is of this code: {@code -Dmensch.draw=true} draws it anew. */
    @Test
    void thePictureOfTheBordersIsAsTheCodeIs() throws IOException {
        JavaClasses core = new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("mensch.core");
        String drawn = """
                # Which package uses which

                Drawn from the code by a test, which also fails when an arrow goes against the order. An arrow runs from who uses to what
                is used; what follows from other arrows is left out.

                ## core

                %s
                ## app, every feature of which may use core

                %s""".formatted(BorderPicture.of("mensch.core", core), BorderPicture.of("mensch.app", APP));
        Path picture = Path.of("..", "docs", "borders.md");
        if (Boolean.getBoolean("mensch.draw")) {
            Files.writeString(picture, drawn);
        }
        assertThat(Files.readString(picture))
                .as("run this test with -Dmensch.draw=true")
                .isEqualTo(drawn);
    }

    /** A controller asks and answers; what is written together is a service's business. */
    @Test
    void controllersHoldNoTransactionAndReachNoRow() {
        noClasses()
                .that()
                .areAnnotatedWith(RestController.class)
                .should()
                .beAnnotatedWith(Transactional.class)
                .orShould()
                .dependOnClassesThat()
                .areAssignableTo(EntityManager.class)
                .orShould()
                .dependOnClassesThat()
                .areAssignableTo(Repository.class)
                .check(APP.that(com.tngtech.archunit.base.DescribedPredicate.describe(
                        "not the session", c -> !c.getSimpleName().equals("SessionController"))));
    }

    @Test
    void rowsStayBehindTheirFeature() {
        classes()
                .that()
                .areAssignableTo(Repository.class)
                .and()
                .doNotHaveSimpleName("MemberRepository")
                .should()
                .bePackagePrivate()
                .check(APP);
    }

    /** Time and chance are handed in. */
    @Test
    void nobodyLooksAtTheClockOrThrowsDice() {
        noClasses()
                .should()
                .callMethod(Instant.class, "now")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .dependOnClassesThat()
                .areAssignableTo(Random.class)
                .check(APP);
    }
}
