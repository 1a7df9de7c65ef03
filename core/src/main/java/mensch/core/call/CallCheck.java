package mensch.core.call;

import mensch.core.rung.Condition;

/**
 * Another call to get into when the offence shows something this one is not meant for.
 *
 * @param call id of the other call
 * @param maker role of the man who makes the check
 */
public record CallCheck(Condition when, String call, String maker) {
    public String words() {
        return "when " + when.words() + ": check " + call + ", " + maker;
    }
}
