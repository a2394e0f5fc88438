package civitane.app.reading;

/**
 * What a page may say about a fact. Nothing is ever done with it before a person has taken it.
 *
 * @param field the fact, as the interface calls it
 * @param value days as in 2026-11-30, money as in 1863.33, the lines of a zone with line breaks between
 * @param page from 0
 * @param sure whether nothing speaks against it: false where letters were hard to read, or the page says it in two ways
 */
public record Proposal(Field field, String value, int page, Box box, boolean sure) {

  /** What can be proposed for a paper. */
  public enum Field {
    NAME,
    BIRTH_DATE,
    ISSUED_ON,
    EXPIRES_ON,
    ADDRESS,
    ZONE,
    PERIOD_END,
    GROSS,
    /** The rent, the rate of a loan, a benefit: money a period. */
    AMOUNT,
    /** Money that is owed. */
    DUE,
    ACCOUNT,
    COVERS_FROM,
    COVERS_UNTIL,
    LAST_DAY,
    ABSENT_FROM,
    NOTICE_ON,
    HOURS,
    /** The day of what is owed. */
    DUE_ON,
    /** Several names, with commas between. */
    TENANTS,
    /** Yes or no. */
    AGREES,
    LOAN_NUMBER
  }

  /** The same on another page. */
  public Proposal on(int other) {
    return new Proposal(field, value, other, box, sure);
  }

  Proposal unsure() {
    return new Proposal(field, value, page, box, false);
  }
}
