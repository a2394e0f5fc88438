package civitane.app.lists;

import civitane.app.ledger.OfficeBook;
import civitane.core.money.Amount;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Which waiting lists are open, and up to which income, by their codes. */
@Component
class ListBook implements OfficeBook {
  private final WaitingLists lists;

  ListBook(WaitingLists lists) {
    this.lists = lists;
  }

  @Override
  public String fact() {
    return "waitingLists";
  }

  @Override
  public List<Map<String, Object>> rows(About about) {
    return lists.all().stream()
        .map(list -> Map.<String, Object>of(
            "code", list.code(),
            "open", list.open(),
            "incomePercent", Amount.of(list.incomePercent())))
        .toList();
  }
}
