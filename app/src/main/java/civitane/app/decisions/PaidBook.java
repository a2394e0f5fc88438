package civitane.app.decisions;

import civitane.app.ledger.OfficeBook;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

import static civitane.core.facts.Known.known;

/** For whom a yearly sum was granted already, by the first year of its period. */
@Component
class PaidBook implements OfficeBook {
  private final AwardsBefore before;

  PaidBook(AwardsBefore before) {
    this.before = before;
  }

  @Override
  public String fact() {
    return "paidBefore";
  }

  @Override
  public List<Map<String, Object>> rows(About about) {
    return before.of(about).stream()
        .filter(one -> one.granted() && one.forWhom() != null && one.award().from() != null)
        .map(PaidBook::row)
        .toList();
  }

  private static Map<String, Object> row(AwardsBefore.Before one) {
    var row = new HashMap<String, Object>();
    row.put("person", known(one.forWhom()));
    row.put("period", String.valueOf(known(one.award().from()).getYear()));
    return row;
  }
}
