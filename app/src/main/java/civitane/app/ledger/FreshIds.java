package civitane.app.ledger;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Ids for life, as version 7 of RFC 9562 has them: those made later are greater, so that indexes grow at their end. */
@Component
class FreshIds {
  private static final long VERSION = 0x7000L;
  private static final long VARIANT = 0x8000_0000_0000_0000L;
  private static final int MILLIS_AT = 16;

  private final SecureRandom random = new SecureRandom();
  private final Clock clock;

  FreshIds(Clock clock) {
    this.clock = clock;
  }

  UUID next() {
    var chance = random.nextLong();
    var high = clock.millis() << MILLIS_AT | VERSION | chance & 0xfff;
    return new UUID(high, VARIANT | random.nextLong() >>> 2);
  }
}
