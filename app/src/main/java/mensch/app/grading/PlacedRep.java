package mensch.app.grading;

import mensch.app.game.Game;
import mensch.app.game.Play;
import org.jspecify.annotations.Nullable;

/** What was graded, with who played there, and the play and the game it is of. */
record PlacedRep(GradedRep rep, @Nullable String player, Play play, Game game) {

    /** Who it was: the player, or the seat where nobody is known to have played it. */
    String man() {
        return player == null ? rep.job() : player;
    }
}
