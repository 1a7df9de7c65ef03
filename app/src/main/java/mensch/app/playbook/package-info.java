/**
 * Documents of the programme: saved revisions, their standing, the schools chosen, import and export. Read
 * {@link mensch.app.playbook.Playbook} first.
 */
@NullMarked
package mensch.app.playbook;

import org.jspecify.annotations.NullMarked;
