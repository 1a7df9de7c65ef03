package mensch.core.convention;

/**
 * How deep droppers aim and how far an area reaches, yards behind the line; all <em>model</em> (handbook 9, landmarks).
 *
 * @param flat landmark of the flat
 * @param under landmark of the other underneath areas
 * @param lane landmark of a goal-line lane
 * @param across landmark of a zone shared across in flag
 * @param third landmark of thirds, quarters and the whole deep field
 * @param half landmark of a half
 * @param longToGain a drop to the line to gain is never deeper than this
 * @param endLineMargin a drop may use the end zone, to so far in front of the end line
 * @param underFrom an underneath area is drawn and counted from here
 * @param underTo to here
 * @param deepExtent a deep area reaches so far behind its nearest edge
 */
public record Drops(
        double flat,
        double under,
        double lane,
        double across,
        double third,
        double half,
        double longToGain,
        double endLineMargin,
        double underFrom,
        double underTo,
        double deepExtent) {}
