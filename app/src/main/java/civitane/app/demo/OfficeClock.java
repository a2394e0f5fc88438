package civitane.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;

/** The office's clock. While the demo is filled it can be set back on one thread, so that stories began some days ago. */
public final class OfficeClock extends Clock {
  private final Clock real;
  private volatile Duration ahead = Duration.ZERO;
  private final ThreadLocal<Duration> back = ThreadLocal.withInitial(() -> Duration.ZERO);

  public OfficeClock(ZoneId zone) {
    this(Clock.system(zone));
  }

  private OfficeClock(Clock real) {
    this.real = real;
  }

  /** Moves the clock of the whole office ahead of the real one, to see what a later day brings. */
  public void ahead(Duration duration) {
    ahead = duration;
  }

  void setBack(Duration duration) {
    back.set(duration);
  }

  @Override
  public ZoneId getZone() {
    return real.getZone();
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return new OfficeClock(real.withZone(zone));
  }

  @Override
  public Instant instant() {
    return real.instant().minus(back.get()).plus(ahead);
  }
}
