package civitane.app.checking;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Asks registers after what there is to ask has been kept, and again, later and later, as long as one is silent. */
@Configuration
class AskingRegisters {
  /** A household about which something is asked, by its id, and the id of this asking. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("ask registers");

  private static final int DOUBLED_AT_MOST = 6;

  /** @param pause until a register that was silent is asked again the first time */
  @Bean
  static Task<Void> askingOfRegisters(
      Checking checking, @Value("${civitane.asked-again-after:PT1M}") Duration pause) {
    FailureHandler<Void> later = (done, operations) -> {
      var doubled = Math.min(done.getExecution().consecutiveFailures, DOUBLED_AT_MOST);
      operations.reschedule(done, done.getTimeDone().plus(pause.multipliedBy(1L << doubled)));
    };
    return Tasks.oneTime(KIND)
        .onFailure(later)
        .execute((household, context) ->
            checking.ask(UUID.fromString(household.getId().split(" ")[0])));
  }
}
