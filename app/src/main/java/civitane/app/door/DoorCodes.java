package civitane.app.door;

import civitane.app.audit.LogKey;
import java.time.Clock;
import java.time.Duration;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Codes of six digits, each for one key: given, they hold for a while, open once, and are spent by wrong tries. What is kept
 * of one is made with a key outside the database, so that who reads the database can't try out the million there are.
 */
@Component
class DoorCodes {
  static final Duration HOLDS = Duration.ofMinutes(10);
  private static final int MOST_WRONG = 5;

  private final DoorRows rows;
  private final LogKey outside;
  private final Clock clock;

  DoorCodes(DoorRows rows, LogKey outside, Clock clock) {
    this.rows = rows;
    this.outside = outside;
    this.clock = clock;
  }

  /** What became of a try. */
  enum Tried {
    OPENS,
    WRONG,
    /** There is none, it is too old, or it is spent. */
    NONE
  }

  /** Gives a key a code in the place of any before. */
  @Transactional(propagation = Propagation.MANDATORY)
  public String give(String key) {
    var code = Secret.code();
    rows.give(key, kept(key, code), clock.instant());
    return code;
  }

  /** Tries a code; one that opens is forgotten. */
  @Transactional(propagation = Propagation.MANDATORY)
  public Tried attempt(String key, String code) {
    var given = rows.holdCode(key).filter(this::holds).orElse(null);
    if (given == null) {
      return Tried.NONE;
    }
    if (!Secret.isSame(kept(key, code.strip()), given.hash())) {
      rows.wrong(key);
      return Tried.WRONG;
    }
    rows.forgetCode(key);
    return Tried.OPENS;
  }

  private String kept(String key, String code) {
    return outside.link("door code", key, code);
  }

  private boolean holds(DoorRows.GivenCode code) {
    return code.wrong() < MOST_WRONG && code.madeAt().plus(HOLDS).isAfter(clock.instant());
  }
}
