package mensch.app.playbook;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Choices of schools over time. */
interface HouseChoices extends JpaRepository<HouseChoice, Long> {
    Optional<HouseChoice> findFirstByOrderByIdDesc();
}
