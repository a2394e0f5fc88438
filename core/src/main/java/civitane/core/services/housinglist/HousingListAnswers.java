package civitane.core.services.housinglist;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the Housing List asks beyond the household's facts.
 *
 * @param bedroomsNow how many bedrooms there are now; no points for it where it is not said
 */
public record HousingListAnswers(
    @Asked(knownAs = "waitingLists") @Nullable List<WaitingList> lists,
    boolean homeless,
    @Asked(optional = true) List<HomelessTime> homelessTimes,
    boolean displaced,
    boolean localTie,
    @Asked(optional = true) @Nullable Integer bedroomsNow,
    @Asked(optional = true) @Nullable Amount monthlyRent) {

  /** A list that is asked for. */
  public record WaitingList(
      @Nullable String code,
      @Asked(filledIn = true) @Nullable Boolean open,
      @As(Form.NUMBER) @Asked(filledIn = true) @Nullable Amount incomePercent) {

    boolean isOpen() {
      return Boolean.TRUE.equals(open);
    }
  }

  /** A time without a home, up to a day or until now. */
  public record HomelessTime(
      @Nullable LocalDate from,
      @Asked(optional = true) @Nullable LocalDate to) {}

  List<WaitingList> asked() {
    return lists == null ? List.of() : lists;
  }

  List<WaitingList> openLists() {
    return asked().stream().filter(WaitingList::isOpen).toList();
  }
}
