package mensch.app.programme;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Somebody who signs in. */
@Entity
@Table(name = "member")
public class Member {

    /**
     * What he may do: a coordinator everything; a coach reads all of it, works on film and grades; a player reads what
     * is published.
     */
    public enum Role {
        COORDINATOR,
        COACH,
        PLAYER;

        /** Whether film, grades and what was measured of men are for him. */
        public boolean coaches() {
            return this != PLAYER;
        }
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String username;

    @Column(nullable = false)
    private String displayName;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Role role;

    @Column(nullable = false)
    private String passwordHash;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected Member() {}

    Member(String username, String displayName, Role role, String passwordHash) {
        this.username = username;
        this.displayName = displayName;
        this.role = role;
        this.passwordHash = passwordHash;
    }

    public String username() {
        return username;
    }

    public String displayName() {
        return displayName;
    }

    public Role role() {
        return role;
    }

    String passwordHash() {
        return passwordHash;
    }
}
