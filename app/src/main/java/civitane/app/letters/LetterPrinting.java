package civitane.app.letters;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Prints letters after what ordered them has been kept, so that nobody waits for their pages; on any number of nodes a
 * letter is printed once.
 */
@Configuration
class LetterPrinting {
  /** A letter to print, by its id. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("print letter");

  private static final Duration AGAIN_AFTER = Duration.ofSeconds(5);

  @Bean
  static Task<Void> printing(Letters letters) {
    return Tasks.oneTime(KIND)
        .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
        .execute((letter, context) -> letters.print(UUID.fromString(letter.getId())));
  }
}
