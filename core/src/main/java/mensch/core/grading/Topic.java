package mensch.core.grading;

import mensch.core.rubric.Facet;

/**
 * What is marked for itself: a facet, or one criterion of a rubric, whatever revision of it.
 *
 * @param of rubric by id; empty of a facet
 * @param what the facet as coaches write it, or the criterion by id
 */
public record Topic(String of, String what) {
    public static Topic of(Facet facet) {
        return new Topic("", facet.words());
    }

    public static Topic of(CriterionMark mark) {
        return new Topic(mark.rubric(), mark.criterion());
    }

    public boolean ofFacet() {
        return of.isEmpty();
    }

    public boolean is(Facet facet) {
        return equals(of(facet));
    }
}
