/** Grades with the revision of the call they were judged by. Read {@link mensch.app.grading.GradeBook} first. */
@NullMarked
package mensch.app.grading;

import org.jspecify.annotations.NullMarked;
