package civitane.core.rules;

import civitane.core.reasons.Argument;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Checks of lodging in time. */
public final class TimeLimit {
  private TimeLimit() {}

  /**
   * Met when lodged within some days after a day; later, up to {@code lateDays}, a reason leaves it to a senior.
   *
   * @param answer the key of the day that counts
   */
  public static Check lodgedWithin(
      Situation<?> it,
      String id,
      String answer,
      @Nullable LocalDate from,
      @Nullable String lateReason,
      int days,
      int lateDays) {
    var check = it.check(id).uses("lateReason").needs(answer, from);
    if (from == null) {
      return check.open();
    }
    var on = it.lodgedOn();
    var last = it.lastDays().of(from.plusDays(days));
    var late = on.isAfter(last);
    var excused = late
        && lateReason != null
        && (lateDays == Integer.MAX_VALUE
            || !on.isAfter(it.lastDays().of(from.plusDays(lateDays))));
    return check
        .must(!late || excused, () -> Why.LODGED_LATE.with(Argument.days(days), Argument.day(last)))
        .doubtIf(on.isBefore(from), () -> Why.LODGED_TOO_EARLY.with(Argument.day(from)))
        .judgedIf(excused, () -> Why.LODGED_LATE_WITH_REASON.with(Argument.day(last)))
        .orMet(() -> Why.LODGED_IN_TIME.with(Argument.days(days), Argument.day(last)));
  }
}
