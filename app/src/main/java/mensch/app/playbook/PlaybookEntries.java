package mensch.app.playbook;

import org.springframework.data.jpa.repository.JpaRepository;

/** What the programme does with its documents. */
interface PlaybookEntries extends JpaRepository<PlaybookEntry, PlaybookEntry.Key> {}
