package mensch.core.report;

/**
 * A play that a figure rests on.
 *
 * @param number of its game
 */
public record OnPlay(long game, String opponent, int number) {}
