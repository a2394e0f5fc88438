package civitane.core.claims;

import civitane.core.reasons.Reason;
import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import java.util.List;

/**
 * Something wanted of somebody, with a date.
 *
 * @param id within the claim, from 1
 * @param dueOn by when; always a working day
 * @param returned how often what came did not settle it
 */
public record Item(int id, Want want, LocalDate dueOn, ItemState state, int returned) {
  public Item {
    if (!WorkingDays.isWorkingDay(dueOn)) {
      throw new IllegalArgumentException("an item falls due on a working day, not on " + dueOn);
    }
  }

  static Item open(int id, Want want, LocalDate dueOn) {
    return new Item(id, want, WorkingDays.onOrAfter(dueOn), ItemState.OPEN, 0);
  }

  public boolean isLive() {
    return state.isLive();
  }

  /** Who has to do something now: its owner, or the office once something came. */
  public Turn turn() {
    return state == ItemState.ANSWERED ? Turn.OURS : want.owner();
  }

  Item in(ItemState next) {
    return new Item(id, want, dueOn, next, returned);
  }

  Item until(LocalDate day) {
    return new Item(id, want, WorkingDays.onOrAfter(day), state, returned);
  }

  /** Asked for again, with what is wrong with what came. */
  Item returnedFor(List<Reason> why, LocalDate day) {
    var again = new Want(want.kind(), want.subject(), why, want.owner());
    return new Item(id, again, WorkingDays.onOrAfter(day), ItemState.RETURNED, returned + 1);
  }
}
