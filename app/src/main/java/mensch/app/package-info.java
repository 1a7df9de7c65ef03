/**
 * The application around core: HTTP, people, saved documents. Decides no football. Read
 * {@link mensch.app.MenschApplication} first.
 */
@NullMarked
package mensch.app;

import org.jspecify.annotations.NullMarked;
