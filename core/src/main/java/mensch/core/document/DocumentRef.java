package mensch.core.document;

/** A document as it was: id, revision (0 for the shipped catalogue) and digest of its values. */
public record DocumentRef(String id, int revision, String digest) {}
