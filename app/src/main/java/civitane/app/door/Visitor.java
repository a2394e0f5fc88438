package civitane.app.door;

import java.util.UUID;

/**
 * Somebody of a household who is through its door.
 *
 * @param number the claim whose code they had
 */
record Visitor(UUID household, String number) implements Guest {
  static final String ROLE = "HOUSEHOLD";

  @Override
  public String role() {
    return ROLE;
  }
}
