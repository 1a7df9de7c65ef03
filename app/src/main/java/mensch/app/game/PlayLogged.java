package mensch.app.game;

/**
 * A play was logged, or logged anew.
 *
 * @param asked its line-up and call
 */
public record PlayLogged(Play play, GameBook.Asked asked) {}
