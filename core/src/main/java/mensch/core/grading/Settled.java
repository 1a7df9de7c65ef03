package mensch.core.grading;

/** The mark that stands where two coaches differed and one, having talked about it, said which. */
public record Settled(long play, String man, Topic topic, GradeMark mark) {}
