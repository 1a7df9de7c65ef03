package mensch.app.programme;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** People by their sign-in name. */
public interface MemberRepository extends JpaRepository<Member, Long> {
    Optional<Member> findByUsername(String username);
}
