/**
 * The application around core: HTTP, people, saved documents. Decides no football. Read
 * {@link mensch.app.MenschApplication} first.
 */
package mensch.app;
