package mensch.core.matchup;

import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.play.Delivery;
import mensch.core.play.Pass;
import mensch.core.play.Run;
import mensch.core.play.RunPass;
import mensch.core.rung.View;

/**
 * One line-up ready to meet plays: what every ledger of it needs is made once. There is no ledger of a play that the
 * formation cannot run to that side.
 */
public final class Matchup {
    private final Lineup lineup;
    private final boolean moved;
    private final GapLedger gaps;
    private final AreaLedger areas;
    private final Map<Side, Picture> pictures = new EnumMap<>(Side.class);
    private final Map<Side, ShownMaker> shows = new EnumMap<>(Side.class);
    private final Map<Run, Optional<Blocking>> left = new IdentityHashMap<>();
    private final Map<Run, Optional<Blocking>> right = new IdentityHashMap<>();

    /** Men meet plays where their movement takes them. */
    public Matchup(Lineup lineup) {
        this(lineup, true);
    }

    private Matchup(Lineup lineup, boolean moved) {
        this.lineup = lineup;
        this.moved = moved;
        this.gaps = GapLedger.of(lineup);
        this.areas = AreaLedger.of(lineup);
    }

    /** Men as they stand at the snap, which is all that the offence can see of them. */
    public static Matchup atTheSnap(Lineup lineup) {
        return new Matchup(lineup, false);
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

    private Picture picture(Side play) {
        return pictures.computeIfAbsent(play, side -> new Picture(lineup, gaps, side, moved));
    }

    /** Small-sided football has no line to block. */
    private boolean line() {
        return !lineup.flag();
    }

    /** Whom a man watches, and whether flow to either side is his. */
    public record Watch(List<Watched> men, boolean allFlow) {}

    /** What a man looks at from the snap on when the play goes to a side. */
    public Watch watch(Job job, Side play) {
        Picture picture = picture(play);
        return picture.stand(job)
                .map(stand -> new Watch(Watched.by(picture, stand), picture.allFlow(stand)))
                .orElse(new Watch(List.of(), false));
    }

    /** Made once for each run and side: options ask for the blocks of their run again. */
    public Optional<Blocking> blocking(Run run, Side play) {
        return (play == Side.LEFT ? left : right).computeIfAbsent(run, r -> {
            boolean fits = line() && r.fits(lineup.viewFrom(play)) == Answer.YES;
            return fits ? new BlockMaker(picture(play), r).blocking() : Optional.empty();
        });
    }

    public Optional<Distribution> distribution(Pass pass, Side play) {
        View view = lineup.viewFrom(play);
        return pass.fits(view) == Answer.YES && pass.hasRoom(view)
                ? Optional.of(new DistributionMaker(this, pass, play).distribution())
                : Optional.empty();
    }

    /** Where the ball of a pass leaves the hand, play frame. */
    public Point launch(Pass pass, Side play) {
        boolean under = lineup.features().ask(Feature.UNDER_CENTRE, Side.LEFT) == Answer.YES;
        return pass.delivery().from(lineup.convention().routes().passer(), play.sign(), under);
    }

    public Optional<Conflict> conflict(RunPass option, Side play) {
        return option.fits(lineup.viewFrom(play)) == Answer.YES
                ? blocking(option.run(), play).map(b -> Conflict.of(this, picture(play), option, b))
                : Optional.empty();
    }

    private ShownMaker shows(Side play) {
        return shows.computeIfAbsent(play, p -> new ShownMaker(picture(p)));
    }

    /** What every key shows on a run. */
    public List<Shown> shown(Blocking blocking) {
        return shows(blocking.play()).run(blocking);
    }

    /**
     * What every key shows on a pass that this formation can throw: its fake first, then what it is; small-sided
     * football has no keys.
     */
    public List<Shown> shown(Pass pass, Side play) {
        if (!line()) {
            return List.of();
        }
        Delivery.Fake fake = pass.delivery().fake();
        Blocking run = fake == null
                ? null
                : blocking(fake.run(), fake.other() ? play.opposite() : play).orElse(null);
        return shows(play).pass(pass, run, shows(run == null ? play : run.play()));
    }

    /**
     * What every key shows on a run-pass option: whoever has a route shows it, everybody else shows the run; nothing
     * when the formation cannot run it.
     */
    public List<Shown> shown(RunPass option, Side play) {
        View view = lineup.viewFrom(play);
        Set<Man> routed = option.pass().told().stream()
                .flatMap(t -> t.who().in(view).stream())
                .collect(Collectors.toSet());
        return option.fits(view) != Answer.YES
                ? List.of()
                : blocking(option.run(), play).stream()
                        .flatMap(run -> Stream.concat(
                                shown(run).stream().filter(s -> !routed.contains(s.key())),
                                shown(option.pass(), play).stream().filter(s -> routed.contains(s.key()))))
                        .toList();
    }

    /** Who has each way of the ball of a plain option. */
    public Conflict conflict(Blocking option) {
        return Conflict.ofOption(this, picture(option.play()), option);
    }
}
