package mensch.core.rubric;

/**
 * One thing a technique is graded by.
 *
 * @param id within its rubric
 * @param facet technique when it is marked for itself; another facet when it says what that means for such a man
 * @param leadsTo what the fault costs; may be empty
 */
public record Criterion(String id, Facet facet, String name, String good, String fault, String leadsTo) {}
