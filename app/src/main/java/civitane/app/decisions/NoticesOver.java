package civitane.app.decisions;

import civitane.app.jobs.OneByOne;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Each morning, before the desk opens: whose time to say what is wrong is over comes back to the office. */
@Configuration
class NoticesOver {
  private static final LocalTime BEFORE_THE_DESK_OPENS = LocalTime.of(5, 10);

  @Bean
  static RecurringTask<Void> endingOfNotices(Notices notices, Clock clock) {
    return Tasks.recurring("end notices", Schedules.daily(BEFORE_THE_DESK_OPENS))
        .execute((task, context) -> new OneByOne()
            .each(notices.overBefore(LocalDate.now(clock)), notices::over)
            .end());
  }
}
