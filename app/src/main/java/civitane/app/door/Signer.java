package civitane.app.door;

import java.util.UUID;

/**
 * Somebody who was asked to sign what another of their household lodged.
 *
 * @param request that they were asked; of the household, or anything else, they see nothing by it
 */
record Signer(UUID request) implements Guest {
  static final String ROLE = "SIGNER";

  @Override
  public String role() {
    return ROLE;
  }
}
