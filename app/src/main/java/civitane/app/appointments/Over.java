package civitane.app.appointments;

import civitane.core.claims.Why;

/** What came of an appointment. */
public enum Over {
  CAME(Why.APPOINTMENT_KEPT),
  MISSED(Why.APPOINTMENT_MISSED),
  CALLED_OFF(Why.APPOINTMENT_CALLED_OFF);

  private final Why code;

  Over(Why code) {
    this.code = code;
  }

  Why code() {
    return code;
  }
}
