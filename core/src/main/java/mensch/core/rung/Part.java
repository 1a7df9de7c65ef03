package mensch.core.rung;

import mensch.core.document.Worded;

/** The nine parts of a job. None may be missing; "none" is a value. */
public enum Part implements Worded {
    SHOW,
    ALIGN,
    STANCE,
    KEY,
    MOVE,
    READS,
    RUN,
    PASS,
    TECHNIQUE
}
