package mensch.core.audit;

/**
 * What makes two findings the same: the check that found it and what it is about, never its words or figures. Kept with
 * what a coach has said about a finding.
 */
public record FindingKey(CheckId check, About about) {

    /** As it travels and is kept: {@code gaps/nobody/A gap left}. */
    public String text() {
        return check.id() + "/" + about.what() + "/" + String.join("/", about.subjects());
    }
}
