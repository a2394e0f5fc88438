package civitane.app.production;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says at the terminal why it does not serve, without the inside of the program. */
class RefusedAnalyzer extends AbstractFailureAnalyzer<Refused> {
  @Override
  protected FailureAnalysis analyze(Throwable root, Refused refused) {
    return new FailureAnalysis(
        refused.getMessage(),
        "Set what is named, as docs/running.md says, and start again.",
        refused);
  }
}
