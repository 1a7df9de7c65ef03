package mensch.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import mensch.core.Snaps;
import mensch.core.document.Document;
import mensch.core.document.Shipped;
import mensch.core.document.Yaml;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.simulation.Playable;
import mensch.core.simulation.Simulation;
import mensch.core.simulation.Unfolding;
import org.junit.jupiter.api.Test;

/**
 * What things are called changes nothing: neither calls nor fronts, coverages, plays and roles, nor the words of any
 * name.
 */
class RenamedTest {
    private static final Map<String, String> WORDS = new LinkedHashMap<>();

    static {
        WORDS.put("mike", "zebra");
        WORDS.put("nickel", "agate");
        WORDS.put("end-call", "yucca");
        WORDS.put("end-away", "birch");
        WORDS.put("anvil", "basalt");
        WORDS.put("chisel", "zinc");
        WORDS.put("bellows", "amber");
        WORDS.put("drizzle", "soot");
        WORDS.put("squall", "ash");
        WORDS.put("frost", "zest");
        WORDS.put("outside-zone", "zeta-run");
        WORDS.put("inside-zone", "beta-run");
        WORDS.put("toss", "ypsilon");
        WORDS.put("four-verticals", "alpha-pass");
        WORDS.put("dig-post", "omega-pass");
        WORDS.put("boot-flood", "delta-pass");
        WORDS.put("doubles-gun", "xenon");
        WORDS.put("pro-i", "argon");
    }

    private static final Pattern NAME = Pattern.compile("(?m)^name: \"?([^\"\\n]*)\"?$");

    private static String renamed(String text) {
        String other = text;
        for (var word : WORDS.entrySet()) {
            other = other.replaceAll("(?<![\\w/])" + Pattern.quote(word.getKey()) + "(?![\\w])", word.getValue());
        }
        return other;
    }

    private static Library renamedLibrary() {
        var documents = new ArrayList<Document>();
        for (String file : Shipped.text("/library/index.txt")
                .lines()
                .filter(l -> !l.isBlank())
                .toList()) {
            String text = renamed(Shipped.text("/library/" + file.trim()));
            documents.addAll(Yaml.read(file, NAME.matcher(text).replaceAll("name: \"$1 called otherwise\"")));
        }
        return Library.of(documents);
    }

    @Test
    void theSameSnapsComeOfItUnderOtherNames() {
        Library other = renamedLibrary();
        int snaps = 0;
        for (String formation : List.of("doubles-gun", "pro-i", "trips-open")) {
            for (String call :
                    List.of("anvil-drizzle", "anvil-squall", "chisel-drizzle", "bellows-drizzle", "anvil-frost")) {
                for (Playable.Named play : new Playable(Snaps.LIBRARY.plays()).named()) {
                    Optional<Simulation> one = at(Snaps.LIBRARY, formation, call, play.id());
                    Optional<Simulation> same = at(other, renamed(formation), renamed(call), renamed(play.id()));
                    assertThat(same.isPresent()).as(play.id()).isEqualTo(one.isPresent());
                    if (one.isPresent()) {
                        equal(one.get().snap(5), same.orElseThrow().snap(5), play.id() + " at " + call);
                        snaps++;
                    }
                }
            }
        }
        assertThat(snaps).isGreaterThan(500);
    }

    private static void equal(Unfolding one, Unfolding other, String what) {
        assertThat(other.gain()).as(what).isEqualTo(one.gain());
        assertThat(other.ball()).as(what).isEqualTo(one.ball());
        for (int man = 0; man < one.men().size(); man++) {
            int there = other.men().indexOf(renamed(one.men().get(man)));
            assertThat(other.tracks().get(there))
                    .as(what)
                    .isEqualTo(one.tracks().get(man));
        }
    }

    private static Optional<Simulation> at(Library library, String formation, String call, String play) {
        Lineup lineup =
                Lineup.of(library.call(call), library.formation(formation).snap(null, false, "hs m 50 1&10"));
        var plays = new Playable(library.plays());
        return plays.at(lineup, plays.named(play).orElseThrow(), Side.RIGHT, List.of());
    }
}
