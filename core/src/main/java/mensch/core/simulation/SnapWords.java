package mensch.core.simulation;

import mensch.core.lineup.Lineup;

/** What happens on a snap as a coach says it, the men called as he calls them. */
public final class SnapWords {
    private SnapWords() {}

    /** What happened, a sentence. */
    public static String said(Lineup lineup, Happening happening) {
        String who = lineup.called(happening.who());
        String whom = happening.whom() == null ? "" : lineup.called(happening.whom());
        return switch (happening.what()) {
            case BALL_MOVES -> "The ball is snapped.";
            case KEY_SHOWS -> who + " sees " + whom + ": " + happening.said() + ".";
            case TOLD -> who + " acts on it: " + happening.said() + ".";
            case CONTACT -> who + " is on " + whom + " (" + happening.said() + ").";
            case SEALED -> whom + " gets to the ball's side of " + who + ".";
            case CLIMBS -> who + " leaves for " + whom + ".";
            case SHED -> who + " is rid of " + whom + ".";
            case HANDED_OFF -> who + " has the ball from " + whom + ".";
            case BALL_PULLED ->
                happening.said().isEmpty()
                        ? who + " keeps it: " + whom + " comes down."
                        : who + " keeps it, and reads " + whom + " wrong: he stays.";
            case PITCHED -> who + " pitches to " + whom + ": " + by(lineup, happening) + " comes.";
            case BACK_COMMITS -> who + " makes up his mind.";
            case LINE_CROSSED -> who + " is through the line.";
            case FAKED -> who + " has shown the run and keeps the ball.";
            case LOOKS_AT -> who + " looks at " + whom + " and goes on: " + by(lineup, happening) + " has him.";
            case IN_THE_WAY -> who + " is in the way of " + whom + ".";
            case PRESSED -> who + " holds " + whom + " up on the line.";
            case HURRIED -> who + " hurries " + whom + ".";
            case THROWN -> who + " throws to " + whom + nearest(lineup, happening) + ".";
            case CAUGHT -> who + " has it" + nearest(lineup, happening) + ".";
            case OFF_TARGET -> "The throw misses " + whom + ".";
            case DROPPED -> who + " does not hold it.";
            case DEFENDED -> whom + " keeps " + who + " from catching it.";
            case TIPPED -> who + " breaks up the throw to " + whom + ".";
            case INTERCEPTED -> who + " intercepts the throw to " + whom + ".";
            case THROWN_AWAY -> who + " throws it away.";
            case SCRAMBLES -> who + " runs with it.";
            case SACKED -> who + (flag(lineup) ? " has the flag of " : " sacks ") + whom + ".";
            case MISSED ->
                who + " misses " + (flag(lineup) ? "the flag of " : "") + whom
                        + (happening.said().isEmpty() ? "" : " with " + happening.said()) + ".";
            case TACKLE -> flag(lineup) ? who + " pulls the flag of " + whom + "." : who + " brings " + whom + " down.";
            case OUT_OF_BOUNDS -> who + " is out of bounds.";
            case SCORES -> who + " scores.";
        };
    }

    /** What ends a play, as it is told of who does it: "brings him down". */
    static String downs(Lineup lineup) {
        return flag(lineup) ? " pulls his flag" : " brings him down";
    }

    private static boolean flag(Lineup lineup) {
        return lineup.flag();
    }

    private static String by(Lineup lineup, Happening happening) {
        return lineup.called(happening.said());
    }

    private static String nearest(Lineup lineup, Happening happening) {
        return happening.said().isEmpty() ? "" : ", " + by(lineup, happening) + " nearest";
    }
}
