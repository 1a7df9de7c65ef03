package mensch.core.simulation;

import mensch.core.convention.SnapModel;
import mensch.core.rung.Task;

/** How long a man needs from what he sees to what he does about it. */
final class ReactionTimes {
    private final double deep;
    private final Cast cast;
    private final Contests contests;
    private final SnapModel.Reaction reaction;
    private final Luck luck;
    private final int[] reacted;
    private final int[] slower;

    ReactionTimes(Cast cast, Contests contests, SnapModel model, Luck luck) {
        this.cast = cast;
        this.deep = cast.details.minds().deep();
        this.contests = contests;
        this.reaction = model.reaction();
        this.luck = luck;
        this.reacted = new int[cast.size()];
        this.slower = new int[cast.size()];
    }

    /** So many ticks later than others, whatever he sees. */
    void slower(int defender, int ticks) {
        slower[defender] = ticks;
    }

    /** How much later than others he acts on what he sees, ticks. */
    int slow(int defender) {
        return slower[defender];
    }

    /**
     * Ticks to the next thing he does; drawn anew for each.
     *
     * @param line whether he may feel it: a man of the line tells him
     */
    int ticks(int defender, boolean line) {
        long man = cast.actors.get(defender).luck();
        double more = luck.about(reaction.spread(), man, Luck.What.REACTS, reacted[defender]++);
        return Math.max(1, (int) Math.round((seconds(defender, line) + more) / Clock.TICK)) + slower[defender];
    }

    private double seconds(int defender, boolean line) {
        if (cast.onTheLine(defender)) {
            return line && contests.engaged(defender) ? reaction.touch() : reaction.sight();
        }
        boolean back = cast.actors.get(defender).start().y() > deep;
        boolean middle = cast.job(defender).passTask() instanceof Task.Cover cover
                && cover.area().central();
        return back ? middle ? reaction.deep() : reaction.safety() : reaction.secondLevel();
    }
}
