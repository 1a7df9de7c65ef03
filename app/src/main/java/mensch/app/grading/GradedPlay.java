package mensch.app.grading;

import mensch.core.grading.Rep;
import mensch.core.report.OnPlay;

/**
 * A coach's word of a man on a play, with the play.
 *
 * @param play by id
 * @param rep the same as core adds it up
 */
public record GradedPlay(OnPlay at, long play, RepRow words, Rep rep) {}
