package mensch.core.matchup;

import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.Map;
import mensch.core.formation.Answer;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Lineup;
import mensch.core.play.Pass;
import mensch.core.play.Run;
import mensch.core.play.RunPass;

/**
 * One line-up ready to meet plays: what every ledger of it needs is made once. Each ledger is null when the formation
 * cannot run the play to that side.
 */
public final class Matchup {
    private final Lineup lineup;
    private final GapLedger gaps;
    private final AreaLedger areas;
    private final Map<Side, Picture> pictures = new EnumMap<>(Side.class);
    private final Map<Side, Map<Run, Blocking>> blockings = new EnumMap<>(Side.class);

    public Matchup(Lineup lineup) {
        this.lineup = lineup;
        this.gaps = GapLedger.of(lineup);
        this.areas = AreaLedger.of(lineup);
        for (Side side : Side.values()) {
            pictures.put(side, new Picture(lineup, gaps, side));
            blockings.put(side, new IdentityHashMap<>());
        }
    }

    public Lineup lineup() {
        return lineup;
    }

    public GapLedger gaps() {
        return gaps;
    }

    public AreaLedger areas() {
        return areas;
    }

    /** Small-sided football has no line to block. */
    private boolean line() {
        return !lineup.snap().field().code().flag();
    }

    /** Made once for each run and side: options ask for the blocks of their run again. */
    public Blocking blocking(Run run, Side play) {
        Map<Run, Blocking> known = blockings.get(play);
        if (!known.containsKey(run)) {
            known.put(
                    run,
                    line() && run.fits(lineup.viewFrom(play)) == Answer.YES
                            ? new BlockMaker(pictures.get(play), run).blocking()
                            : null);
        }
        return known.get(run);
    }

    public Distribution distribution(Pass pass, Side play) {
        return pass.fits(lineup.viewFrom(play)) == Answer.YES
                ? new DistributionMaker(this, pass, play).distribution()
                : null;
    }

    public Conflict conflict(RunPass option, Side play) {
        Blocking blocking = option.fits(lineup.viewFrom(play)) == Answer.YES ? blocking(option.run(), play) : null;
        return blocking == null ? null : Conflict.of(this, pictures.get(play), option, blocking);
    }

    /** Who has each way of the ball of a plain option. */
    public Conflict conflict(Blocking option) {
        return Conflict.ofOption(this, pictures.get(option.play()), option);
    }
}
