package mensch.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import jakarta.persistence.EntityManager;
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
    private static final List<String> ORDER =
            List.of("problem", "bounds", "programme", "playbook", "roster", "call", "board", "grading", "film", "plan");

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
