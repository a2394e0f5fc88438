package civitane.app.decisions;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a claim goes by: every fact its checks use, with what was said, shown and checked of it.
 *
 * @param holdsOn the day of the world that is looked at
 * @param knownOn what was recorded by the end of this day counts
 * @param wages what speaks for each wage, in euros a month
 * @param statements who states to have no income
 * @param ends what the claim comes to at the low and at the high end of what is disputed; none where no wage is
 */
record LedgerView(
    LocalDate holdsOn,
    LocalDate knownOn,
    List<Fact> rows,
    List<Wage> wages,
    List<StatedNone> statements,
    List<End> ends) {

  /**
   * A fact.
   *
   * @param group whose it is, as they are called; the service for its answers
   * @param disagrees whether what speaks for it does not say the same
   * @param difference in euros, where amounts differ
   * @param kind how a value is typed: money, date, flag, choice, number, text; null where it can't be set here
   * @param history everything that was ever recorded of it, the newest first
   */
  record Fact(
      String place,
      UUID subject,
      String field,
      String group,
      String label,
      @Nullable Evidence said,
      @Nullable Evidence shown,
      @Nullable Evidence checked,
      @Nullable Evidence set,
      String used,
      boolean disagrees,
      @Nullable String difference,
      boolean surfaces,
      @Nullable String kind,
      List<FactChoice> choices,
      List<Evidence> history) {}

  /** A value that may be chosen. */
  record FactChoice(String word, String said) {}

  /**
   * A value and where it comes from.
   *
   * @param kind said, shown, checked or used
   * @param source application, change, paper, register, party or caseworker
   * @param by who recorded it
   * @param from since when it holds; null where as far back as anybody asks
   */
  record Evidence(
      String value,
      String kind,
      String source,
      String by,
      Instant at,
      @Nullable LocalDate from,
      @Nullable String because) {}

  /**
   * What a claim comes to at one end of what is disputed.
   *
   * @param because of the checks that are not met
   * @param open the checks of which the outcome is not known there either
   */
  record End(boolean high, Tried.Comes comes, List<String> because, List<String> open) {}

  /**
   * Somebody's own statement that there is no income.
   *
   * @param group who states it, as they are called
   * @param livesOn what they live on, in their words
   * @param against the incomes that are known of them all the same
   */
  record StatedNone(
      String person,
      String group,
      @Nullable LocalDate since,
      @Nullable String livesOn,
      @Nullable LocalDate statedOn,
      List<String> against) {}

  /** The evidence of a wage; amounts are written out, null where there is none. */
  record Wage(
      String place,
      String group,
      String label,
      @Nullable String said,
      @Nullable String shown,
      @Nullable String checked,
      @Nullable String used,
      @Nullable String difference,
      boolean disputed,
      int slips,
      int enough,
      LocalDate opens,
      LocalDate closes,
      boolean irregular) {}
}
