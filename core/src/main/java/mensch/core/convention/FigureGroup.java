package mensch.core.convention;

import java.util.List;

/** Figures that one reader reads. */
public record FigureGroup(String id, String name, List<Figure> figures) {}
