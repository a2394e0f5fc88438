package civitane.app.production;

import civitane.app.audit.AuditLog;
import civitane.app.audit.AuditSeal;
import civitane.app.problems.Problem;
import civitane.app.signing.OfficeKey;
import java.io.IOException;
import java.security.GeneralSecurityException;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.ExitCodeGenerator;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** The command that changes the keys of the office: {@code change} the one it signs with, {@code change-log} that of the log. */
@Component
@ConditionalOnProperty("civitane.key")
class KeyCommand implements ApplicationRunner, ExitCodeGenerator {
  private static final int WRONG_USE = 2;

  private final OfficeKey key;
  private final AuditLog audit;
  private final AuditSeal seal;
  private final JdbcClient database;
  private final TransactionTemplate inTransaction;
  private final Clock clock;
  private final String what;
  private int exitCode;

  KeyCommand(
      OfficeKey key,
      AuditLog audit,
      AuditSeal seal,
      JdbcClient database,
      TransactionTemplate inTransaction,
      Clock clock,
      @Value("${civitane.key}") String what) {
    this.key = key;
    this.audit = audit;
    this.seal = seal;
    this.database = database;
    this.inTransaction = inTransaction;
    this.clock = clock;
    this.what = what;
  }

  @Override
  public void run(ApplicationArguments arguments) throws IOException, GeneralSecurityException {
    try {
      switch (what) {
        case "change" -> {
          key.change(LocalDate.now(clock));
          changed("signing key changed");
        }
        case "change-log" -> {
          changeThatOfTheLog();
          changed("log key changed");
        }
        default -> {
          System.out.println("civitane: key change | change-log");
          exitCode = WRONG_USE;
        }
      }
    } catch (Problem e) {
      System.out.println("civitane: " + e.getMessage());
      exitCode = 1;
    }
  }

  /** Whoever serves links by the key it started with: what it linked after a change would look tampered with. */
  private void changeThatOfTheLog() throws IOException {
    if (isServed()) {
      throw Problem.wrong(
          "Something serves with this database. Stop all that does, then change the key of the log.");
    }
    int sealed;
    do {
      sealed = seal.seal();
    } while (sealed > 0);
    seal.changeKey();
  }

  private boolean isServed() {
    return database.sql("""
            select exists (
              select 1 from pg_stat_activity
              where datname = current_database() and application_name = 'civitane serve')
            """).query(Boolean.class).single();
  }

  private void changed(String which) {
    inTransaction.executeWithoutResult(status -> audit.record("at the terminal", which, "", ""));
    System.out.println("The key is changed. Whatever serves goes by it once started again.");
  }

  @Override
  public int getExitCode() {
    return exitCode;
  }
}
