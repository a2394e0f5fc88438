package civitane.app.registers;

import civitane.core.registers.RegisterSilent;
import io.github.resilience4j.circuitbreaker.CallNotPermittedException;
import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.github.resilience4j.circuitbreaker.CircuitBreakerRegistry;
import io.github.resilience4j.core.IntervalFunction;
import io.github.resilience4j.decorators.Decorators;
import io.github.resilience4j.retry.Retry;
import io.github.resilience4j.retry.RetryConfig;
import io.github.resilience4j.timelimiter.TimeLimiter;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Calls of registers: with a time limit, tried again after a pause, and not made at all for a while when one is down. */
@Component
class RegisterCalls {
  private static final Logger LOG = LoggerFactory.getLogger(RegisterCalls.class);
  private static final Duration LIMIT = Duration.ofMillis(1_500);
  private static final Duration PAUSE = Duration.ofMillis(80);
  private static final int TRIES = 2;
  private static final int CALLS_LOOKED_AT = 8;
  private static final Duration LEFT_ALONE = Duration.ofSeconds(20);

  private final JdbcClient database;
  private final ExecutorService threads = Executors.newCachedThreadPool();
  private final TimeLimiter limiter = TimeLimiter.of(LIMIT);
  private final Retry retry = Retry.of(
      "registers",
      RetryConfig.custom()
          .maxAttempts(TRIES)
          .intervalFunction(IntervalFunction.ofExponentialBackoff(PAUSE))
          .ignoreExceptions(CallNotPermittedException.class)
          .build());
  private final CircuitBreakerRegistry breakers =
      CircuitBreakerRegistry.of(CircuitBreakerConfig.custom()
          .slidingWindowSize(CALLS_LOOKED_AT)
          .minimumNumberOfCalls(CALLS_LOOKED_AT)
          .waitDurationInOpenState(LEFT_ALONE)
          .build());

  RegisterCalls(JdbcClient database) {
    this.database = database;
  }

  /** How a stand-in behaves. */
  private record Setting(int delay, boolean silent) {}

  /** The answer of a register. Throws {@link RegisterSilent} when none comes in time. */
  <T> T ask(String register, Supplier<T> answer) {
    CircuitBreaker breaker = breakers.circuitBreaker(register);
    Callable<T> call =
        () -> limiter.executeFutureSupplier(() -> threads.submit(() -> standIn(register, answer)));
    try {
      return Decorators.ofCallable(call)
          .withCircuitBreaker(breaker)
          .withRetry(retry)
          .decorate()
          .call();
    } catch (Exception e) {
      LOG.info("The {} register does not answer: {}", register, e.getClass().getSimpleName());
      throw new RegisterSilent(register);
    }
  }

  /** The stand-in answers as slowly and as seldom as it is set to. */
  private <T> T standIn(String register, Supplier<T> answer) throws InterruptedException {
    var setting = database
        .sql("select delay_ms, silent from register_setting where register = :register")
        .param("register", register)
        .query((row, n) -> new Setting(row.getInt(1), row.getBoolean(2)))
        .optional()
        .orElse(new Setting(0, false));
    if (setting.delay() > 0) {
      Thread.sleep(setting.delay());
    }
    if (setting.silent()) {
      throw new IllegalStateException("the stand-in is set to be silent");
    }
    return answer.get();
  }

  @PreDestroy
  void stop() {
    threads.shutdownNow();
  }
}
