package civitane.app.letters;

import jakarta.annotation.PreDestroy;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Prints letters after what ordered them has been kept, so that nobody waits for their pages.
 *
 * <p>What was ordered is found again whenever the office is stopped in between; on any number of nodes a letter is
 * printed once.
 */
@Component
class LetterPrinting {
  private static final Logger LOG = LoggerFactory.getLogger(LetterPrinting.class);
  private static final long LOOK_AGAIN_MILLIS = 10_000;

  private final Letters letters;
  private final ExecutorService printer = Executors.newSingleThreadExecutor();

  LetterPrinting(Letters letters) {
    this.letters = letters;
  }

  @TransactionalEventListener
  void ordered(LetterOrdered order) {
    printer.execute(() -> print(order.letter()));
  }

  @Scheduled(initialDelay = LOOK_AGAIN_MILLIS, fixedDelay = LOOK_AGAIN_MILLIS)
  void lookAgain() {
    letters.unprinted().forEach(this::print);
  }

  private void print(UUID letter) {
    try {
      letters.print(letter);
    } catch (RuntimeException e) {
      LOG.warn("The letter {} is not printed yet: {}", letter, e.getClass().getSimpleName());
    }
  }

  @PreDestroy
  void stop() {
    printer.shutdownNow();
  }
}
