package civitane.app.forgetting;

import civitane.app.jobs.OneByOne;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.LocalTime;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Each night what lies too long is put aside, and what was put aside long enough ago is forgotten. */
@Configuration
class ForgettingEachNight {
  private static final LocalTime AT_NIGHT = LocalTime.of(3, 10);

  @Bean
  static RecurringTask<Void> forgettingNeverLodged(NeverLodged never, LeftOver left) {
    return Tasks.recurring("forget what was never lodged", Schedules.daily(AT_NIGHT))
        .execute((task, context) -> {
          var forgotten = new OneByOne()
              .each(never.untouched(), never::putAside)
              .each(never.over(), never::forget);
          left.forget();
          forgotten.end();
        });
  }
}
