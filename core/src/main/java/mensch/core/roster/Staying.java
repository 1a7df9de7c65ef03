package mensch.core.roster;

/**
 * Two roles whose men have no permission to change sides: each stays, and takes his mate's role when strength flips.
 * The jobs stay as they were.
 *
 * @param right role whose first man stays on the offence's right
 * @param left role whose first man stays on the left; the same as {@code right} for a role with a man on each side
 */
public record Staying(String right, String left) {

    boolean names(String role) {
        return role.equals(right) || role.equals(left);
    }

    String mate(String role) {
        return role.equals(right) ? left : right;
    }
}
