package mensch.app.roster;

import org.springframework.data.jpa.repository.JpaRepository;

interface RosterPages extends JpaRepository<RosterPage, Integer> {}
