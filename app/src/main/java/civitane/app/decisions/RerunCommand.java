package civitane.app.decisions;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.ExitCodeGenerator;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The command that makes kept determinations again and lists those that differ; it ends with 1 where any does. */
@Component
@ConditionalOnProperty("civitane.rerun")
class RerunCommand implements ApplicationRunner, ExitCodeGenerator {
  private final Rerun rerun;
  private int exitCode;

  RerunCommand(Rerun rerun) {
    this.rerun = rerun;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    var report = rerun.run();
    for (var one : report.different()) {
      System.out.println("determination " + one.determination() + " of claim " + one.claim()
          + (one.changed()
              ? " was changed after it was made"
              : " comes out otherwise by the rules and rate books of today"));
    }
    System.out.println(report.made() + " determinations made again; "
        + (report.different().isEmpty()
            ? "none differs."
            : report.different().size() + " differ."));
    exitCode = report.different().isEmpty() ? 0 : 1;
  }

  @Override
  public int getExitCode() {
    return exitCode;
  }
}
