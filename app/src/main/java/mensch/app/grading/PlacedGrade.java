package mensch.app.grading;

/** A grade and the snap of film it came from. */
record PlacedGrade(Grade grade, Long reel, String reelName, int snap) {}
