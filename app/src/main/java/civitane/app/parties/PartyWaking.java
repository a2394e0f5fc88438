package civitane.app.parties;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Asks every claim again that waits for a party, a household at a time, as many as there are. */
@Configuration
class PartyWaking {
  /** A party that said something new, by its id and who noted it. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("wake claims");

  private static final Duration AGAIN_AFTER = Duration.ofSeconds(5);

  @Bean
  static Task<Void> wakingOfClaims(Parties parties) {
    return Tasks.oneTime(KIND)
        .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
        .execute((party, context) -> {
          var key = party.getId().split(" ");
          for (var household : parties.households(UUID.fromString(key[0]))) {
            parties.wake(household, key[1]);
          }
        });
  }
}
