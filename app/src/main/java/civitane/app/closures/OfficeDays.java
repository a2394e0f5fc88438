package civitane.app.closures;

import civitane.core.time.LastDay;
import civitane.core.time.OpenDays;
import java.time.Duration;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * On which day a limit ends at this office. Rules ask for it in the middle of their work, so that it is kept at hand;
 * what another node declares is known within seconds.
 */
@Component
class OfficeDays implements LastDay {
  private static final long FRESH = Duration.ofSeconds(5).toNanos();

  private final ClosureRows rows;
  private volatile @Nullable Known known;

  OfficeDays(ClosureRows rows) {
    this.rows = rows;
  }

  private record Known(OpenDays days, long at) {}

  @Override
  public LocalDate of(LocalDate counted) {
    var now = known;
    if (now == null || System.nanoTime() - now.at() > FRESH) {
      now = new Known(rows.openDays(), System.nanoTime());
      known = now;
    }
    return now.days().of(counted);
  }

  /** Looks again once what is being changed is kept. */
  void change() {
    TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
      @Override
      public void afterCommit() {
        known = null;
      }
    });
  }
}
