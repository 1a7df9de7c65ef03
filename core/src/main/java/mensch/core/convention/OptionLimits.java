package mensch.core.convention;

/**
 * Where a run-pass option and a plain option look for their men; all <em>model</em>: what each says, its unit and
 * bounds stand in figures.yaml.
 */
public record OptionLimits(
        double overhangDepth, double overhangInside, double overhangBeside, double forceDepth, double sameGap) {}
