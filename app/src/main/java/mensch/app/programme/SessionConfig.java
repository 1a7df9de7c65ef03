package mensch.app.programme;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/**
 * Sign-ins outlive a restart, so they are rows. The time of the last request alone is written once a minute, not with
 * every answer.
 */
@Configuration
class SessionConfig {
    private static final String UPDATE = """
        UPDATE %TABLE_NAME% AS kept
        SET session_id = now.id, last_access_time = now.accessed, max_inactive_interval = now.inactive, expiry_time = now.expiry, principal_name = now.principal
        FROM (VALUES (?, ?::bigint, ?::int, ?::bigint, ?, ?)) AS now (id, accessed, inactive, expiry, principal, key)
        WHERE kept.primary_id = now.key
          AND (now.accessed - kept.last_access_time > 60000
               OR (kept.session_id, kept.max_inactive_interval, kept.principal_name) IS DISTINCT FROM (now.id, now.inactive, now.principal))
        """;

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> seldomWritten() {
        return sessions -> sessions.setUpdateSessionQuery(UPDATE);
    }
}
