package civitane.core.reasons;

import java.util.List;

/**
 * Why something is so: a code and what it is told with.
 *
 * <p>Never a sentence: sentences are made where somebody reads them, in the reader's language.
 */
public record Reason(ReasonCode code, List<Argument> arguments) {

  public Reason {
    var parameters = code.parameters();
    if (parameters.size() != arguments.size()) {
      throw new IllegalArgumentException(
          code.code() + " is told with " + parameters.size() + " values, not " + arguments.size());
    }
    for (var i = 0; i < arguments.size(); i++) {
      if (!parameters.get(i).type().isInstance(arguments.get(i))) {
        throw new IllegalArgumentException(
            code.code() + ": " + parameters.get(i).name() + " is not a "
                + arguments.get(i).getClass().getSimpleName());
      }
    }
  }
}
