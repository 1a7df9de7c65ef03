package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Predicate;
import mensch.core.formation.Man;
import mensch.core.matchup.Picture.Stand;
import mensch.core.play.Block;

/** Who is told what and who has whom, while the blocks of a run are given out: everybody who gives one says it here. */
final class Assigned {
    private final Map<Man, Block> told = new LinkedHashMap<>(32);
    private final Map<Stand, List<Man>> on = new LinkedHashMap<>();
    private final Map<Stand, Block> how = new LinkedHashMap<>();
    private final Map<Stand, Stand> thenOn = new LinkedHashMap<>();
    private final Set<Stand> taken = new LinkedHashSet<>();
    private final List<Man> idle = new ArrayList<>();

    /** A man is told a block; what he was told before does not hold any more. */
    void tell(Man man, Block block) {
        told.put(man, block);
    }

    Optional<Block> told(Man man) {
        return Optional.ofNullable(told.get(man));
    }

    /** Every man with what he is told, in the order they were told first. */
    void eachTold(BiConsumer<Man, Block> asked) {
        told.forEach(asked);
    }

    /** The men who are told such a block. */
    List<Man> told(Predicate<Block> such) {
        var men = new ArrayList<Man>();
        told.forEach((man, block) -> {
            if (such.test(block)) {
                men.add(man);
            }
        });
        return men;
    }

    /** A blocker gets a defender; the first one's block is how he is blocked. */
    void take(Stand stand, Man man, Block block) {
        on.computeIfAbsent(stand, k -> new ArrayList<>()).add(man);
        how.putIfAbsent(stand, block);
        taken.add(stand);
    }

    /** A defender whom nobody blocks and nobody looks for: the play reads him. */
    void leave(Stand stand) {
        taken.add(stand);
    }

    boolean free(Stand stand) {
        return !taken.contains(stand);
    }

    /** Who blocks a defender, the first first. */
    List<Man> blockers(Stand stand) {
        return on.getOrDefault(stand, List.of());
    }

    Block how(Stand stand) {
        return how.getOrDefault(stand, Block.ZONE);
    }

    /** A lineman without work. */
    void climbs(Man man) {
        idle.add(man);
    }

    /** He has work after all. */
    void stays(Man man) {
        idle.remove(man);
    }

    List<Man> climbers() {
        return List.copyOf(idle);
    }

    /** One of two men on a defender goes on to another. */
    void goesOn(Stand from, Stand to) {
        thenOn.put(from, to);
        taken.add(to);
    }

    Optional<Stand> thenOn(Stand from) {
        return Optional.ofNullable(thenOn.get(from));
    }

    /** Defenders with a blocker, from the play side. */
    List<Stand> blocked() {
        return on.keySet().stream()
                .sorted(Comparator.comparingDouble((Stand s) -> -s.u()))
                .toList();
    }
}
