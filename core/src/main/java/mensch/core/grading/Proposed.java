package mensch.core.grading;

import mensch.core.rubric.Facet;

/**
 * What measures propose for one facet of one man; nothing is graded before a coach says so.
 *
 * @param job his job id
 * @param measured what was measured, with units and doubt
 */
public record Proposed(String job, Facet facet, GradeMark mark, String measured) {}
