package civitane.app.production;

import civitane.app.audit.AuditSeal;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.ExitCodeGenerator;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The command that verifies the log from its first entry to its last; it ends with 1 where something does not fit. */
@Component
@ConditionalOnProperty("civitane.audit")
class AuditCommand implements ApplicationRunner, ExitCodeGenerator {
  private final AuditSeal seal;
  private int exitCode;

  AuditCommand(AuditSeal seal) {
    this.seal = seal;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    seal.seal();
    var found = seal.verify();
    System.out.println(
        found.entries() + " entries, " + found.marks() + " marks outside the database: "
            + (found.unbroken()
                ? "unbroken."
                : "it does not fit from entry " + found.brokenAt() + " on."));
    exitCode = found.unbroken() ? 0 : 1;
  }

  @Override
  public int getExitCode() {
    return exitCode;
  }
}
