package civitane.app.registers;

import civitane.core.registers.RegisterName;
import civitane.core.registers.RegisterQuestion;
import civitane.core.registers.RegisterRow;
import civitane.core.registers.RegisterSilent;
import civitane.core.registers.Registers;
import io.github.resilience4j.circuitbreaker.CallNotPermittedException;
import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.github.resilience4j.circuitbreaker.CircuitBreakerRegistry;
import io.github.resilience4j.core.IntervalFunction;
import io.github.resilience4j.decorators.Decorators;
import io.github.resilience4j.retry.Retry;
import io.github.resilience4j.retry.RetryConfig;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.Callable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Calls of registers: with a time limit, tried again after a pause, and not made at all for a while when one is down. */
@Component
public class RegisterCalls {
  private static final Logger LOG = LoggerFactory.getLogger(RegisterCalls.class);

  /** How long somebody waits who sits before the screen. */
  private static final Duration SHORT = Duration.ofMillis(1_500);

  /** How long work waits that nobody waits for. */
  private static final Duration LONG = Duration.ofSeconds(30);

  private static final Duration PAUSE = Duration.ofMillis(80);
  private static final int TRIES = 2;
  private static final int CALLS_LOOKED_AT = 8;
  private static final Duration LEFT_ALONE = Duration.ofSeconds(20);

  private final RegisterLine line;
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

  RegisterCalls(RegisterLine line) {
    this.line = line;
  }

  /** For somebody who waits: soon, or not at all. */
  public Registers quick() {
    return question -> {
      var breaker = breaker(question);
      return answered(
          question,
          Decorators.ofCallable(() -> line.ask(question, SHORT))
              .withCircuitBreaker(breaker)
              .withRetry(retry)
              .decorate());
    };
  }

  /** For work that is tried again later by whoever ordered it. */
  public Registers patient() {
    return question -> answered(question, () -> line.ask(question, LONG));
  }

  /** Whether a register is left alone for a while because it did not answer. */
  public boolean isLeftAlone(RegisterName register) {
    return breakers.circuitBreaker(register.word()).getState() == CircuitBreaker.State.OPEN;
  }

  private CircuitBreaker breaker(RegisterQuestion question) {
    return breakers.circuitBreaker(question.register().word());
  }

  private static List<RegisterRow> answered(
      RegisterQuestion question, Callable<List<RegisterRow>> call) {
    var register = question.register();
    try {
      var rows = call.call();
      if (!rows.stream().allMatch(question::isAnsweredBy)) {
        throw new IOException("it answers about somebody else");
      }
      return rows;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new RegisterSilent(register);
    } catch (Exception e) {
      LOG.info(
          "The {} register does not answer: {}", register.word(), e.getClass().getName());
      throw new RegisterSilent(register);
    }
  }
}
