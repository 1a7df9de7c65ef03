package mensch.app.programme;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * The made-up coordinator, line coach, secondary coach and player of the demo scenario; only into an empty programme.
 */
@Component
@Order(1)
@ConditionalOnProperty("mensch.demo")
class DemoPeople implements ApplicationRunner {
    private final MemberRepository members;
    private final PasswordEncoder encoder;

    DemoPeople(MemberRepository members, PasswordEncoder encoder) {
        this.members = members;
        this.encoder = encoder;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments args) {
        if (members.count() == 0) {
            members.save(new Member("marrow", "Ines Marrow", Member.Role.COORDINATOR, encoder.encode("otters-demo")));
            members.save(new Member("tillery", "Bo Tillery", Member.Role.COORDINATOR, encoder.encode("otters-demo")));
            members.save(new Member("abara", "Wren Abara", Member.Role.COACH, encoder.encode("otters-demo")));
            members.save(new Member("lind", "Jory Lind", Member.Role.PLAYER, encoder.encode("otters-demo")));
        }
    }
}
