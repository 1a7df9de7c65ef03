package mensch.core.call;

import mensch.core.rung.Rung;

/** A rung and the layer it stands in. */
public record LayeredRung(Layer.Kind layer, Rung rung) {}
