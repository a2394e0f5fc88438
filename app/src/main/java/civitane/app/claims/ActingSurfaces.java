package civitane.app.claims;

import civitane.app.jobs.OneByOne;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.LocalTime;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Each morning, before the desk opens: whose right to act ended comes up. */
@Configuration
class ActingSurfaces {
  private static final LocalTime BEFORE_THE_DESK_OPENS = LocalTime.of(5, 0);

  @Bean
  static RecurringTask<Void> surfacingOfActing(ActingOver over) {
    return Tasks.recurring("surface acting", Schedules.daily(BEFORE_THE_DESK_OPENS))
        .execute(
            (task, context) -> new OneByOne().each(over.households(), over::of).end());
  }
}
