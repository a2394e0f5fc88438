package civitane.core.services.legaladvice;

import civitane.core.rules.Situation;
import civitane.core.rules.Test;
import civitane.core.rules.Wording;
import civitane.core.time.Dates;
import java.util.Set;

/** Whether a matter must not wait in a queue. */
final class Urgency {
  private static final Set<String> DATED = Set.of("hearing", "deadline", "sale");

  private final Situation it;
  private final int urgentDays;

  Urgency(Situation it, LegalAdviceTerms terms) {
    this.it = it;
    this.urgentDays = terms.urgentDays();
  }

  /** Whether something is urgent at once, or its date is near. */
  boolean isUrgent() {
    for (var matter : it.answers().groups("urgent")) {
      var kind = matter.text("kind");
      var on = matter.date("on");
      if (kind != null && !DATED.contains(kind)) {
        return true;
      }
      if (kind != null
          && on != null
          && !on.isBefore(it.lodgedOn())
          && !on.isAfter(it.lodgedOn().plusDays(urgentDays))) {
        return true;
      }
    }
    return false;
  }

  Test test() {
    var check = it.check("LG-URGENT")
        .uses("urgent")
        .doubtIf(isUrgent(), () -> "It must not wait: it goes to the urgent line at once.");
    var matters = it.answers().groups("urgent");
    for (var i = 0; i < matters.size(); i++) {
      var kind = matters.get(i).text("kind");
      var on = matters.get(i).date("on");
      check.needs("urgent/" + i + "/kind");
      if (kind != null && DATED.contains(kind)) {
        check.needs("urgent/" + i + "/on");
        check.doubtIf(
            on != null && on.isBefore(it.lodgedOn()),
            () -> "The date of the " + Wording.spoken(kind) + ", " + Dates.written(on)
                + ", has passed.");
      }
    }
    return check.orMet(() -> "Nothing in it is urgent.");
  }
}
