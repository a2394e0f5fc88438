package civitane.app.prefilling;

import civitane.core.registers.RegisterName;
import civitane.core.registers.RegisterSilent;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;

/**
 * What registers answered, asked before anything is held in the database and looked up again while it is.
 *
 * <p>All of them together have {@link #LIMIT}; whatever has not answered by then is silent.
 */
final class RegisterAnswers {
  private static final Duration LIMIT = Duration.ofSeconds(4);

  /** A question to a register. */
  private record Asked(RegisterName register, String about) {}

  private final Map<Asked, Optional<Object>> answers = new HashMap<>();
  private final Executor threads;
  private final long until = System.nanoTime() + LIMIT.toNanos();
  private boolean closed;

  RegisterAnswers(Executor threads) {
    this.threads = threads;
  }

  /** From now on nothing is asked any more. */
  void close() {
    closed = true;
  }

  /** The answer of a register about somebody or something. Throws {@link RegisterSilent} where there is none. */
  @SuppressWarnings(
      "unchecked") // each register answers one kind of question with one kind of value
  <T> T of(RegisterName register, String about, Supplier<T> ask) {
    var asked = new Asked(register, about);
    if (!closed && !answers.containsKey(asked)) {
      answers.put(asked, answer(ask));
    }
    return (T) answers
        .getOrDefault(asked, Optional.empty())
        .orElseThrow(() -> new RegisterSilent(register));
  }

  private <T> Optional<Object> answer(Supplier<T> ask) {
    var left = until - System.nanoTime();
    if (left <= 0) {
      return Optional.empty();
    }
    var answer = CompletableFuture.supplyAsync(ask, threads);
    try {
      return Optional.of(answer.get(left, TimeUnit.NANOSECONDS));
    } catch (TimeoutException | ExecutionException e) {
      return Optional.empty();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return Optional.empty();
    }
  }
}
