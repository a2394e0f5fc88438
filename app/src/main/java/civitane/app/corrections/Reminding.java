package civitane.app.corrections;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Reminds households of what they were asked for, once a day at most: whoever looks first finds what is to be done. */
@Configuration
class Reminding {
  private static final Duration EVERY = Duration.ofMinutes(20);

  @Bean
  static RecurringTask<Void> remindingOfHouseholds(Corrections corrections) {
    return Tasks.recurring("remind households", FixedDelay.of(EVERY))
        .execute((reminding, context) -> corrections.remindOfWhatIsDue());
  }
}
