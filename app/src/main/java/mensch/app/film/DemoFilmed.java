package mensch.app.film;

/**
 * The demo's game was filmed: its plays are in the log, with what was clicked on them.
 *
 * @param game by id
 */
public record DemoFilmed(long game) {}
