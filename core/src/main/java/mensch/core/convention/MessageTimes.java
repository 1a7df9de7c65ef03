package mensch.core.convention;

/**
 * When a key shows what it does, seconds after the snap; {@code declares} is a depth, yards. All <em>model</em>: what
 * each says, its bounds and its source stand in figures.yaml.
 */
public record MessageTimes(
        double line,
        double pull,
        double backfield,
        double counter,
        double truth,
        double release,
        double stalk,
        double ball,
        double boot,
        double screen,
        double declares) {}
