package civitane.core.claims;

import java.util.UUID;

/** Who does something: everything that happens is done by one. */
public sealed interface Actor {

  /** A member of staff, by login. */
  record Staff(String login) implements Actor {}

  /** Somebody of the household, at the counter or through the door. */
  record Person(UUID subject) implements Actor {}

  /** Somebody else who gives their part by a code: an employer, a landlord. */
  record ThirdParty(String name) implements Actor {}

  /** The office's own clock. It makes things surface; it never refuses or ends anything. */
  record OfficeClock() implements Actor {}
}
