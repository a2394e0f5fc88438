package civitane.app.door;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Looks for a claim, and sends its code, after whoever asked has been answered: how long that takes would tell whether there
 * is such a claim.
 */
@Configuration
class CodeSending {
  /** A code to send, by the number that was typed. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("send door code");

  private static final Duration AGAIN_AFTER = Duration.ofSeconds(2);

  @Bean
  static Task<Void> sendingOfCodes(DoorKeeper keeper) {
    return Tasks.oneTime(KIND)
        .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
        .execute((number, context) -> keeper.send(number.getId()));
  }
}
