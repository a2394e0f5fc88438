package civitane.app.forgetting;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.LocalTime;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Each night what was never lodged is forgotten, once it has been put aside long enough. */
@Configuration
class ForgettingEachNight {
  private static final LocalTime AT_NIGHT = LocalTime.of(3, 10);

  @Bean
  static RecurringTask<Void> forgettingNeverLodged(NeverLodged never) {
    return Tasks.recurring("forget what was never lodged", Schedules.daily(AT_NIGHT))
        .execute((task, context) -> {
          never.over().forEach(never::forget);
          never.forgetFiles();
          never.forgetContacts();
        });
  }
}
