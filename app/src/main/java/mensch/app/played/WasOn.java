package mensch.app.played;

import mensch.app.game.Game;
import mensch.app.game.Play;

/** A player of the roster who was on the field, and at which seat, by job. */
public record WasOn(String player, String job, Play play, Game game) {}
