package civitane.app.decisions;

import civitane.app.ledger.OfficeBook;
import civitane.core.awards.What;
import civitane.core.facts.Parts;
import civitane.core.reasons.Argument;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The weeks of leave that somebody has had before, or has asked for beside, over all claims of the household. */
@Component
class LeaveBook implements OfficeBook {
  private final AwardsBefore before;

  LeaveBook(AwardsBefore before) {
    this.before = before;
  }

  @Override
  public String fact() {
    return "leaveTaken";
  }

  @Override
  public List<Map<String, Object>> rows(About about) {
    var person = Parts.byKey(about.asked().answers())
        .getOrDefault("person", about.packet().household().applicant().id());
    return before.of(about).stream()
        .filter(one -> one.award().what() == What.WEEKS_OF_LEAVE)
        .filter(one -> person.equals(one.forWhom()))
        .map(LeaveBook::row)
        .toList();
  }

  private static Map<String, Object> row(AwardsBefore.Before one) {
    var row = new HashMap<String, Object>();
    if (one.award().much() instanceof Argument.Quantity weeks) {
      row.put("weeks", weeks.number());
    }
    if (one.award().from() != null) {
      row.put("from", one.award().from());
    }
    row.put("state", one.granted() ? "used" : "pending");
    return row;
  }
}
