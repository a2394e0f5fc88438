package civitane.app.decisions;

import civitane.core.awards.Overpaid;
import civitane.core.money.Amount;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * That more was given than a decision leaves due.
 *
 * @param stretches the days for which it was, month by month; euros
 * @param over what was given too much in all
 * @param askedBefore how much of it earlier decisions ask back
 * @param toAsk what this one would ask back; nothing where it is too little to ask for
 */
public record TooMuch(
    List<Days> stretches, BigDecimal over, BigDecimal askedBefore, BigDecimal toAsk) {

  /** What went out for some days of a month, and what is due for them, in euros. */
  public record Days(LocalDate from, LocalDate until, BigDecimal given, BigDecimal due) {}

  /**
   * Whose cause it is, told before it is decided.
   *
   * @param amount what is to be asked back, as it was looked at; in euros
   * @param because why, as the letter tells it
   */
  public record Cause(BigDecimal amount, String cause, String because) {}

  /** Null where nothing was given too much, and nothing was asked back before. */
  static @Nullable TooMuch of(List<Overpaid.Stretch> stretches, Amount askedBefore) {
    var over = Overpaid.in(stretches);
    if (over.isZero() && askedBefore.isZero()) {
      return null;
    }
    return new TooMuch(
        stretches.stream()
            .map(one -> new Days(
                one.from(), one.until(), one.given().toDecimal(), one.due().toDecimal()))
            .toList(),
        over.toDecimal(),
        askedBefore.toDecimal(),
        Overpaid.toAsk(over, askedBefore).toDecimal());
  }
}
