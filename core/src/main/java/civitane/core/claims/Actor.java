package civitane.core.claims;

import java.util.UUID;

/** Who does something: everything that happens is done by one. */
public sealed interface Actor {
  /** What stands before a person's id where an actor is written down. */
  String PERSON = "person/";

  /** How the actor is written down: a member of staff by login, others by what they are. */
  String written();

  /** A member of staff, by login. */
  record Staff(String login) implements Actor {
    @Override
    public String written() {
      return login;
    }
  }

  /** Somebody of the household, at the counter or through the door. */
  record Person(UUID subject) implements Actor {
    @Override
    public String written() {
      return PERSON + subject;
    }
  }

  /** Somebody else who gives their part by a code: an employer, a landlord. */
  record ThirdParty(String name) implements Actor {
    @Override
    public String written() {
      return name;
    }
  }

  /** The office's own clock. It makes things surface; it never refuses or ends anything. */
  record OfficeClock() implements Actor {
    @Override
    public String written() {
      return "the office’s clock";
    }
  }
}
