package mensch.core.sheet;

import mensch.core.document.Worded;
import mensch.core.rung.Task;

/** What a defender is against the pass: the mark on the field follows it. */
public enum PassKind implements Worded {
    RUSH,
    UNDER,
    DEEP,
    MAN,
    NONE;

    /** What a man of this pass job is. */
    public static PassKind of(Task pass) {
        if (pass instanceof Task.Cover cover) {
            return cover.area().deep() ? DEEP : UNDER;
        }
        if (pass instanceof Task.Rush) {
            return RUSH;
        }
        return pass instanceof Task.OnMen ? MAN : pass instanceof Task.None ? NONE : UNDER;
    }
}
