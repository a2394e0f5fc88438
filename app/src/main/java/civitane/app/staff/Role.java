package civitane.app.staff;

/** What somebody of the office may do. */
public enum Role {
  FRONT_DESK("front desk"),
  CASEWORKER("caseworker"),
  SENIOR("senior caseworker"),
  POLICY("policy officer"),
  AUDITOR("auditor");

  private final String words;

  Role(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
