package civitane.app.papers;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Sorts what came by post after it has been kept. */
@Configuration
class Sorting {
  /** A piece in the tray, by its id. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("sort post");

  private static final Duration AGAIN_AFTER = Duration.ofSeconds(5);

  @Bean
  static Task<Void> sortingOfPost(Tray tray) {
    return Tasks.oneTime(KIND)
        .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
        .execute((piece, context) -> tray.sort(UUID.fromString(piece.getId())));
  }
}
