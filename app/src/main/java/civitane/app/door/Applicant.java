package civitane.app.door;

import java.util.UUID;

/**
 * Somebody who takes an application themselves, and has shown that a contact is theirs.
 *
 * @param application the one they began; of a household, or anything else, they see nothing by it
 * @param isKnown whether they came to it from where their claims stand, and may go back there
 */
record Applicant(UUID application, boolean isKnown) implements Guest {
  static final String ROLE = "APPLICANT";

  @Override
  public String role() {
    return ROLE;
  }
}
