package mensch.core.report;

import mensch.core.document.Worded;

/** Who of theirs played. */
public enum TheirUnit implements Worded {
    STARTERS,
    BACKUPS
}
