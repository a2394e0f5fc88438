package civitane.app.remembering;

import civitane.core.claims.Why;

/** How a call went. */
public enum CallKind {
  REACHED(Why.CALLED),
  NOT_REACHED(Why.CALLED_NOT_REACHED),
  THEY_CALLED(Why.THEY_CALLED);

  private final Why code;

  CallKind(Why code) {
    this.code = code;
  }

  Why code() {
    return code;
  }
}
