package civitane.app.forms;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Files what came by code with the claim that wants it. */
@Configuration
class FilingOfParts {
  /** A form that was answered, by its id. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("file part");

  private static final Duration AGAIN_AFTER = Duration.ofSeconds(5);

  @Bean
  static Task<Void> filingOfAnswers(PartByCode parts) {
    return Tasks.oneTime(KIND)
        .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
        .execute((form, context) -> parts.file(UUID.fromString(form.getId())));
  }
}
