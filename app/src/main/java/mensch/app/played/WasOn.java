package mensch.app.played;

import mensch.app.game.Game;
import mensch.app.game.Play;

/** A player of the roster who was on the field. */
public record WasOn(String player, Play play, Game game) {}
