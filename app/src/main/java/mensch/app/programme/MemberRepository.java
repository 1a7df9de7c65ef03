package mensch.app.programme;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** People by their sign-in name. */
public interface MemberRepository extends JpaRepository<Member, Long> {
    Optional<Member> findByUsername(String username);

    /** Everybody of a role, by name. */
    List<Member> findByRoleOrderByDisplayName(Member.Role role);
}
