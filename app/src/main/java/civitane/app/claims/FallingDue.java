package civitane.app.claims;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What falls due, counted once for all who look at the Desk within a second: with tens of thousands of open claims the
 * count takes longer than a page of them.
 */
@Component
class FallingDue {
  private static final Duration FRESH = Duration.ofSeconds(1);

  private final ClaimRepository claims;
  private @Nullable Counted last;

  FallingDue(ClaimRepository claims) {
    this.claims = claims;
  }

  private record Counted(Instant at, List<Falling> all) {}

  /** As it is, or was within the last second; what this node has changed itself is always in it. */
  synchronized List<Falling> now() {
    var counted = last;
    if (counted == null || counted.at().plus(FRESH).isBefore(Instant.now())) {
      counted = new Counted(Instant.now(), claims.falling());
      last = counted;
    }
    return counted.all();
  }

  /** The same without the claims of some households. */
  List<Falling> without(Collection<UUID> households) {
    if (households.isEmpty()) {
      return now();
    }
    var theirs = claims.falling(households).stream()
        .collect(Collectors.toMap(Falling::what, Falling::claims));
    return now().stream()
        .map(one -> one.less(theirs.getOrDefault(one.what(), 0L)))
        .filter(one -> one.claims() > 0)
        .toList();
  }

  /** Counts again once what is being changed is kept. */
  void changes() {
    TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
      @Override
      public void afterCommit() {
        forget();
      }
    });
  }

  private synchronized void forget() {
    last = null;
  }
}
