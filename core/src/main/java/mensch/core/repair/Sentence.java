package mensch.core.repair;

/**
 * One sentence that a repair puts on top of a role's ladder, or, with {@code checks} for the role, on top of the call's
 * checks.
 *
 * @param sentence in the rung language, with its condition
 */
public record Sentence(String role, String sentence) {}
