package civitane.app.staff;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.PostgreSqlJdbcIndexedSessionRepositoryCustomizer;

/** That somebody is there is written once a minute, not with every question: a write waits for the disk. */
@Configuration
class SessionKeeping {
  private static final String ONCE_A_MINUTE = """
      update spring_session s
      set session_id = n.session_id, last_access_time = n.last_access_time,
        max_inactive_interval = n.max_inactive_interval, expiry_time = n.expiry_time, principal_name = n.principal_name
      from (values (?::text, ?::bigint, ?::int, ?::bigint, ?::text, ?::text))
        as n (session_id, last_access_time, max_inactive_interval, expiry_time, principal_name, primary_id)
      where s.primary_id = n.primary_id
        and (s.session_id <> n.session_id or s.principal_name is distinct from n.principal_name
          or s.max_inactive_interval <> n.max_inactive_interval or n.last_access_time > s.last_access_time + 60000)
      """;

  @Bean
  SessionRepositoryCustomizer<JdbcIndexedSessionRepository> sessionsWrittenOnceAMinute() {
    return sessions -> sessions.setUpdateSessionQuery(ONCE_A_MINUTE);
  }

  /** The first questions of a session come side by side, and each would keep when it began. */
  @Bean
  SessionRepositoryCustomizer<JdbcIndexedSessionRepository> sessionsKeptSideBySide() {
    return new PostgreSqlJdbcIndexedSessionRepositoryCustomizer();
  }
}
