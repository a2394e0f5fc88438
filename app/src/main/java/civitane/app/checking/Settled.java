package civitane.app.checking;

import java.time.Instant;

/**
 * What was done about two things that should be the same and are not.
 *
 * @param seen the hash of what both said: when one says something else, it is looked at anew
 */
record Settled(String seen, How how, String because, String by, Instant at) {
  enum How {
    /** Looked at and left as it is, with a reason. */
    ACCEPTED,
    /** The household is asked. */
    ASKED
  }
}
