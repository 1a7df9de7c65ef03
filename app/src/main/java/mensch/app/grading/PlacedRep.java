package mensch.app.grading;

import mensch.app.game.Game;
import mensch.app.game.Play;

/** What was graded, with the play and the game it is of. */
record PlacedRep(GradedRep rep, Play play, Game game) {}
