package civitane.app.production;

import java.util.List;

/** It does not serve as it was set up: why, a sentence each. */
public final class Refused extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient List<String> because;

  Refused(List<String> because) {
    super(String.join(System.lineSeparator(), because));
    this.because = List.copyOf(because);
  }

  public List<String> because() {
    return because;
  }
}
