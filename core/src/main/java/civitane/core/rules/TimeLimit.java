package civitane.core.rules;

import civitane.core.time.Dates;

/** Tests of lodging in time. */
public final class TimeLimit {
  private TimeLimit() {}

  /**
   * Met when lodged within some days after a day; later, up to {@code lateDays}, a reason leaves it to a senior.
   *
   * @param answer the key of the day that counts
   * @param otherwise the key of the day that stands in where it is absent
   */
  public static Test lodgedWithin(
      Situation it, String id, String answer, String otherwise, int days, int lateDays) {
    var said = it.answers().date(answer);
    var from = said != null ? said : it.answers().date(otherwise);
    var check = it.check(id).uses("lateReason");
    if (said != null) {
      check.needs(answer);
    } else {
      check.needs(otherwise);
    }
    if (from == null) {
      return check.orMet(() -> "");
    }
    var on = it.lodgedOn();
    var late = on.isAfter(from.plusDays(days));
    var excused = late
        && it.answers().has("lateReason")
        && (lateDays == Integer.MAX_VALUE || !on.isAfter(from.plusDays(lateDays)));
    return check
        .must(
            !late || excused,
            () -> "It was lodged after " + Dates.written(from.plusDays(days)) + ", the last of the "
                + days + " days.")
        .doubtIf(
            on.isBefore(from),
            () -> "It was lodged before " + Dates.written(from) + ", the day it counts from.")
        .doubtIf(excused, () -> "It was lodged late with a reason; a senior judges it.")
        .orMet(() -> "It was lodged within " + days + " days, by "
            + Dates.written(from.plusDays(days)) + ".");
  }
}
