package mensch.core.convention;

/**
 * One figure of the model as it is in force.
 *
 * @param what what it says, a sentence
 * @param ships what it is where no programme sets it
 * @param least of what it may be, in its unit
 * @param most the same
 * @param source where it comes from
 */
public record Figure(
        String id, String what, double value, double ships, String unit, double least, double most, String source) {}
