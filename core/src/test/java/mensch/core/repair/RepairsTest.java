package mensch.core.repair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import mensch.core.Snaps;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.call.CallDocument;
import mensch.core.call.CallReader;
import mensch.core.formation.Snap;
import mensch.core.lineup.Lineup;
import mensch.core.repair.Repair.Offer;
import mensch.core.rung.RungId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each offered repair is made, lined up and audited here again: it mends what it says at the cost it says. */
class RepairsTest {
    private static final Repairs REPAIRS = new Repairs(Snaps.LIBRARY);

    private static Call broken(String call, String role, String sentence) {
        CallDocument document = Snaps.LIBRARY.call(call).written();
        return CallReader.read(document.put(new RungId(call, role, "broken"), sentence), 0, Snaps.LIBRARY.vocabulary());
    }

    /** Against empty the end away stays a five technique in C. */
    private static Call withoutTheEnd(String call) {
        CallDocument document = Snaps.LIBRARY.call(call).written();
        return CallReader.read(
                document.put(new RungId("fog", "edge", "empty"), "align 5 technique"), 0, Snaps.LIBRARY.vocabulary());
    }

    private static Finding worst(Call call, Snap snap) {
        return Audit.of(Lineup.of(call, snap)).get(0);
    }

    private static Call repaired(Call call, Repair repair) {
        CallDocument document = call.written();
        for (Sentence step : repair.steps()) {
            document = document.set(
                    new RungId(call.ref().id(), step.role(), "repair"), step.sentence(), Snaps.LIBRARY::named);
        }
        return CallReader.read(document, 0, Snaps.LIBRARY.vocabulary());
    }

    private static List<String> titles(Call call, Snap snap) {
        return Audit.of(Lineup.of(call, snap)).stream()
                .filter(f -> f.severity() != Severity.FACT)
                .map(f -> f.evidence().title())
                .toList();
    }

    /** A gap left, an edge without force, a receiver without anybody, two men in one gap. */
    @ParameterizedTest(name = "{1}: {2}")
    @CsvSource(delimiter = '|', textBlock = """
        anvil-drizzle | will   | run none                | pro-i       | Nobody has the B gap left.
        anvil-drizzle | mike   | run B gap               | pro-i       | Nobody has the A gap right.
        anvil-drizzle | weak   | run alley               | doubles-open | Nobody
        anvil-squall  | nickel | pass hole               | doubles-gun | nobody
        chisel-fog    | sam    | run none                | pro-i       | Nobody has the D gap right.
        """)
    void whatIsOfferedMendsItAndCostsWhatItSays(
            String base, String role, String sentence, String formation, String title) {
        Call call = broken(base, role, sentence);
        Snap snap = Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10");
        Finding finding = worst(call, snap);
        assertThat(finding.severity()).isEqualTo(Severity.BUST);
        assertThat(finding.evidence().title().toLowerCase()).contains(title.toLowerCase());
        List<String> was = titles(call, snap);
        Offer offer = REPAIRS.offer(call, snap, finding, Set.of());
        assertThat(offer.tried()).isGreaterThan(50);
        assertThat(offer.repairs()).isNotEmpty().hasSizeLessThanOrEqualTo(Repairs.OFFERED);
        for (Repair repair : offer.repairs()) {
            Call mended = repaired(call, repair);
            List<String> is = titles(mended, snap);
            assertThat(is)
                    .as(repair.toString())
                    .doesNotContain(finding.evidence().title());
            assertThat(is.stream().filter(t -> !was.contains(t)))
                    .containsExactlyElementsOf(repair.costs().stream()
                            .map(f -> f.evidence().title())
                            .toList());
            assertThat(repair.costs()).allMatch(f -> f.severity() != Severity.BUST);
            assertThat(repair.men()).isBetween(1, 11);
        }
        assertThat(offer.repairs()).extracting(Repair::steps).doesNotHaveDuplicates();
    }

    /** What a row opened, another row shuts: no man is moved for it, and no other call comes first. */
    @ParameterizedTest
    @CsvSource({
        "anvil-drizzle, nickel, reads overhang, pro-i, nickel",
        "anvil-drizzle, weak, reads robber, doubles-gun, weak",
        "anvil-fog, corner, reads overhang, pro-i, corner"
    })
    void aReadIsMendedByAnotherRead(String base, String role, String sentence, String formation, String mended) {
        Call call = broken(base, role, sentence);
        Snap snap = Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10");
        Finding finding = Audit.of(new Subject(Lineup.of(call, snap), Snaps.LIBRARY.plays(), List.of())).stream()
                .filter(f -> f.check().id().equals("reads-edge"))
                .findFirst()
                .orElseThrow();
        List<Repair> repairs = REPAIRS.offer(call, snap, finding, Set.of()).repairs();
        assertThat(repairs).isNotEmpty();
        assertThat(repairs.get(0).steps()).singleElement().satisfies(step -> {
            assertThat(step.role()).isEqualTo(mended);
            assertThat(step.sentence()).matches(".*: reads (force|force-on-end|safety)");
        });
        assertThat(repairs)
                .flatExtracting(Repair::steps)
                .extracting(Sentence::sentence)
                .noneMatch(s -> s.contains("align"));
    }

    /** Found, not listed: take away what was offered and another comes, until none is left of those tried. */
    @Test
    void takeTheOfferedAwayAndAnotherComesUntilNoneIsLeft() {
        Snap snap = Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10");
        Call call = broken("anvil-drizzle", "will", "run none");
        Finding finding = worst(call, snap);
        var seen = new HashSet<List<Sentence>>();
        Offer offer = REPAIRS.offer(call, snap, finding, seen);
        assertThat(offer.repairs().get(0).steps()).extracting(Sentence::role).containsExactly("will");
        int rounds = 0;
        while (!offer.repairs().isEmpty()) {
            assertThat(offer.repairs()).extracting(Repair::steps).noneMatch(seen::contains);
            offer.repairs().forEach(r -> seen.add(r.steps()));
            offer = REPAIRS.offer(call, snap, finding, seen);
            rounds++;
        }
        assertThat(rounds).isGreaterThan(1);
        assertThat(offer.tried()).isPositive();
    }

    /**
     * Man-free has nobody for the third receiver: a check to a zone of the same front is among what is offered, and in
     * force where the picture is the same.
     */
    @Test
    void aCheckToAnotherCallIsTriedToo() {
        Call call = Snaps.LIBRARY.call("anvil-squall");
        Snap snap = Snaps.LIBRARY.formation("trips-bunch").snap(null, false, "hs m 50 1&10");
        Finding finding = Audit.of(Lineup.of(call, snap)).stream()
                .filter(f -> f.evidence().title().startsWith("Nobody has"))
                .findFirst()
                .orElseThrow();
        var seen = new HashSet<List<Sentence>>();
        Repair check = null;
        for (Offer offer = REPAIRS.offer(call, snap, finding, seen);
                check == null && !offer.repairs().isEmpty();
                offer = REPAIRS.offer(call, snap, finding, seen)) {
            check = offer.repairs().stream()
                    .filter(r -> r.steps().get(0).role().equals(CallDocument.CHECKS))
                    .findFirst()
                    .orElse(null);
            offer.repairs().forEach(r -> seen.add(r.steps()));
        }
        assertThat(check).isNotNull();
        assertThat(check.steps().get(0).sentence())
                .startsWith("when 3 or more receivers on either side")
                .endsWith(", mike");
        Call mended = repaired(call, check);
        assertThat(Lineup.of(mended, snap).check()).isNotNull();
        assertThat(Lineup.of(mended, snap).inForce().ref().id())
                .isNotEqualTo(call.ref().id());
        assertThat(titles(mended, snap)).doesNotContain(finding.evidence().title());
        Snap balanced = Snaps.LIBRARY.formation("doubles-open").snap(null, false, "hs m 50 1&10");
        assertThat(Lineup.of(mended, balanced).check()).isNull();
    }

    /**
     * Empty leaves the B gap away: the movement that brings the end there and the backer who has walked out to the
     * end's gap is offered as the tag it is, in each man's words, and only for that picture.
     */
    @Test
    void aTagOfTheLibraryIsTriedToo() {
        Call call = withoutTheEnd("anvil-fog");
        Snap snap = Snaps.LIBRARY.formation("empty-3x2").snap(null, false, "hs m 50 1&10");
        Finding finding = Audit.of(Lineup.of(call, snap)).stream()
                .filter(f -> f.evidence().title().equals("Nobody has the B gap left."))
                .findFirst()
                .orElseThrow();
        var seen = new HashSet<List<Sentence>>();
        Repair tag = null;
        for (Offer offer = REPAIRS.offer(call, snap, finding, seen);
                tag == null && !offer.repairs().isEmpty();
                offer = REPAIRS.offer(call, snap, finding, seen)) {
            tag = offer.repairs().stream()
                    .filter(r -> r.tag() != null)
                    .findFirst()
                    .orElse(null);
            offer.repairs().forEach(r -> seen.add(r.steps()));
        }
        assertThat(tag).isNotNull();
        assertThat(tag.tag()).isEqualTo("Pike");
        assertThat(tag.steps()).extracting(Sentence::role).containsExactlyInAnyOrder("end-away", "will");
        Call mended = repaired(call, tag);
        assertThat(titles(mended, snap)).doesNotContain(finding.evidence().title());
        assertThat(Lineup.of(mended, snap).job("end-away").after().move())
                .isNotEqualTo(Lineup.of(call, snap).job("end-away").after().move());
        Snap proI = Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10");
        assertThat(Lineup.of(mended, proI).jobs())
                .isEqualTo(Lineup.of(call, proI).jobs());
        Call moved = withoutTheEnd("anvil-eel");
        Finding there = Audit.of(Lineup.of(moved, snap)).get(0);
        assertThat(REPAIRS.offer(moved, snap, there, Set.of()).repairs())
                .as("a call that has a movement gets no second")
                .noneMatch(r -> "Pike".equals(r.tag()));
    }

    /**
     * Nobody is asked for what a coach would laugh at: a backer for the deep middle, a lineman for a receiver, half of
     * a bracket; and one finding is not paid for with three.
     */
    @ParameterizedTest
    @CsvSource({
        "trivet-squall,strong,pass hole,pro-i",
        "bodkin-sirocco,free,pass hook,doubles-open",
        "cleat-glaze,outside,pass hole,goal-23",
        "anvil-haze,weak,pass hole,doubles-open"
    })
    void noRepairIsLaughable(String id, String role, String sentence, String formation) {
        Call call = broken(id, role, sentence);
        Snap snap = Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10");
        List<Repair> repairs =
                REPAIRS.offer(call, snap, worst(call, snap), Set.of()).repairs();
        assertThat(repairs).isNotEmpty().allSatisfy(r -> {
            assertThat(r.costs().stream().filter(f -> f.severity() == Severity.WEAK))
                    .hasSizeLessThanOrEqualTo(2);
            assertThat(r.steps()).noneMatch(s -> s.sentence().contains("bracket"));
            assertThat(r.steps())
                    .noneMatch(s -> s.sentence().contains("pass deep")
                            && List.of("mike", "will", "dime", "nickel").contains(s.role()));
            assertThat(r.steps())
                    .noneMatch(
                            s -> s.sentence().contains("pass man") && s.role().startsWith("end"));
        });
    }

    /** The mirror image is mended by the same words. */
    @Test
    void theMirrorIsMendedTheSameWay() {
        Call call = broken("anvil-drizzle", "will", "run none");
        Snap snap = Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10");
        Snap mirrored = Snaps.LIBRARY.formation("pro-i").snap(null, true, "hs m 50 1&10");
        assertThat(REPAIRS.offer(call, mirrored, worst(call, mirrored), Set.of())
                        .repairs())
                .extracting(Repair::steps)
                .isEqualTo(REPAIRS.offer(call, snap, worst(call, snap), Set.of()).repairs().stream()
                        .map(Repair::steps)
                        .toList());
    }
}
