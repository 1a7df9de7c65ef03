package mensch.core.matchup;

import mensch.core.event.Message;
import mensch.core.event.Whose;
import mensch.core.formation.Man;
import mensch.core.lineup.Job;

/**
 * What a man of the offence tells on a play to one who reads him; the simulation, the quiz and film reads compare with
 * it.
 *
 * @param seconds after the snap, when it can be seen (model)
 */
public record Shown(Job reader, Whose whose, Man key, Message message, double seconds) {}
