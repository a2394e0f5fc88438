package civitane.app.door;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Which contact an application that a household takes itself is come back to by. */
@Repository
class OwnApplications {
  private final JdbcClient database;

  OwnApplications(JdbcClient database) {
    this.database = database;
  }

  void add(UUID application, String contact) {
    database
        .sql("insert into door_application (application_id, contact) values (?, ?)")
        .params(application, contact)
        .update();
  }

  /** The application somebody of a contact has begun last, and not lodged. */
  Optional<UUID> open(String contact) {
    return database.sql("""
            select a.id from door_application d join application a on a.id = d.application_id
            where d.contact = ? and a.state = 'drafting' order by a.updated_at desc limit 1
            """).param(contact).query(UUID.class).optional();
  }

  /** The application a household that is known has begun last by itself, and not lodged. */
  Optional<UUID> openOf(UUID household) {
    return database.sql("""
            select a.id from door_application d join application a on a.id = d.application_id
            where a.household_id = ? and a.state = 'drafting' order by a.updated_at desc limit 1
            """).param(household).query(UUID.class).optional();
  }

  Optional<String> contact(UUID application) {
    return database
        .sql("select contact from door_application where application_id = ?")
        .param(application)
        .query(String.class)
        .optional();
  }

  /** Those that nobody has touched since a time, and who were not reminded. */
  List<UUID> notReminded(Instant untouchedSince) {
    return database
        .sql("""
            select a.id from door_application d join application a on a.id = d.application_id
            where a.state = 'drafting' and a.updated_at < ? and d.reminded_at is null order by a.id
            """)
        .param(Timestamp.from(untouchedSince))
        .query(UUID.class)
        .list();
  }

  /** Those that nobody has touched since a time. */
  List<UUID> lying(Instant untouchedSince) {
    return database
        .sql("""
            select a.id from door_application d join application a on a.id = d.application_id
            where a.state = 'drafting' and a.updated_at < ? order by a.id
            """)
        .param(Timestamp.from(untouchedSince))
        .query(UUID.class)
        .list();
  }

  /** Whether they are reminded now, for the first time. */
  boolean remind(UUID application, Instant at) {
    return database.sql("""
                update door_application set reminded_at = ?
                where application_id = ? and reminded_at is null
                """).params(Timestamp.from(at), application).update() == 1;
  }
}
