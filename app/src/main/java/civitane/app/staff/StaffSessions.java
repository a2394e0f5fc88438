package civitane.app.staff;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Where somebody is signed in. */
@Repository
public class StaffSessions {
  private final JdbcClient database;

  StaffSessions(JdbcClient database) {
    this.database = database;
  }

  /** Whatever changes about a log-in ends its sessions at once, wherever they are. */
  public void end(String login) {
    database
        .sql("delete from spring_session where principal_name = ?")
        .param(login)
        .update();
  }
}
