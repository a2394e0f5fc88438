package civitane.app.messages;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Sends messages after what ordered them has been kept; where the gateway does not answer, again and again. */
@Configuration
class Sending {
  /** A message to send, by its id. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("send message");

  private static final Duration AGAIN_AFTER = Duration.ofSeconds(5);

  @Bean
  static Task<Void> sendingOfMessages(Messages messages) {
    return Tasks.oneTime(KIND)
        .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
        .execute((message, context) -> send(messages, UUID.fromString(message.getId())));
  }

  private static void send(Messages messages, UUID id) {
    try {
      messages.send(id);
    } catch (IOException e) {
      throw new UncheckedIOException("the gateway does not answer", e);
    }
  }
}
