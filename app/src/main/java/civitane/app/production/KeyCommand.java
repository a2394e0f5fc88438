package civitane.app.production;

import civitane.app.audit.AuditLog;
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
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** The command that changes the key by which the office signs: {@code change}. */
@Component
@ConditionalOnProperty("civitane.key")
class KeyCommand implements ApplicationRunner, ExitCodeGenerator {
  private static final int WRONG_USE = 2;

  private final OfficeKey key;
  private final AuditLog audit;
  private final TransactionTemplate inTransaction;
  private final Clock clock;
  private final String what;
  private int exitCode;

  KeyCommand(
      OfficeKey key,
      AuditLog audit,
      TransactionTemplate inTransaction,
      Clock clock,
      @Value("${civitane.key}") String what) {
    this.key = key;
    this.audit = audit;
    this.inTransaction = inTransaction;
    this.clock = clock;
    this.what = what;
  }

  @Override
  public void run(ApplicationArguments arguments) throws IOException, GeneralSecurityException {
    if (!what.equals("change")) {
      System.out.println("civitane: key change");
      exitCode = WRONG_USE;
      return;
    }
    try {
      key.change(LocalDate.now(clock));
      inTransaction.executeWithoutResult(
          status -> audit.record("at the terminal", "signing key changed", "", ""));
      System.out.println("The key is changed. Whatever serves signs with it once started again.");
    } catch (Problem e) {
      System.out.println("civitane: " + e.getMessage());
      exitCode = 1;
    }
  }

  @Override
  public int getExitCode() {
    return exitCode;
  }
}
