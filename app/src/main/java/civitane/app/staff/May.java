package civitane.app.staff;

/** Who may do what, as expressions for method security. */
public final class May {
  /** Everybody for themselves, also who has yet to take a password of their own. */
  public static final String ONESELF = "isAuthenticated()";

  public static final String ANY_STAFF =
      "hasAnyRole('FRONT_DESK', 'CASEWORKER', 'SENIOR', 'POLICY', 'AUDITOR')";
  public static final String TAKE_APPLICATIONS = "hasAnyRole('FRONT_DESK', 'CASEWORKER', 'SENIOR')";
  public static final String WORK_CLAIMS = "hasAnyRole('CASEWORKER', 'SENIOR')";
  public static final String SEE_CLAIMS =
      "hasAnyRole('FRONT_DESK', 'CASEWORKER', 'SENIOR', 'AUDITOR')";
  /** What is known of a household: its facts, papers, workings and letters. */
  public static final String READ_FACTS = "hasAnyRole('CASEWORKER', 'SENIOR', 'AUDITOR')";

  public static final String SIGN_SECOND = "hasRole('SENIOR')";
  /** All that is kept of somebody, into their hands. */
  public static final String HAND_OUT_COPIES = "hasRole('SENIOR')";

  public static final String CLOSE_THE_OFFICE = "hasRole('SENIOR')";
  public static final String COUNT = "hasAnyRole('SENIOR', 'POLICY')";
  public static final String AUDIT = "hasRole('AUDITOR')";

  /** Who looked at what. */
  public static final String SEE_LOOKS = "hasAnyRole('SENIOR', 'AUDITOR')";

  private May() {}
}
