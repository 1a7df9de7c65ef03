/** Grades with the revision of the call they were judged by. Read {@link mensch.app.grading.GradeBook} first. */
package mensch.app.grading;
