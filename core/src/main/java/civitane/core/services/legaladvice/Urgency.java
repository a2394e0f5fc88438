package civitane.core.services.legaladvice;

import civitane.core.reasons.Argument;
import civitane.core.rules.Check;
import civitane.core.rules.Situation;

import static civitane.core.facts.Known.known;

/** Whether a matter must not wait in a queue. */
final class Urgency {
  private final Situation<LegalAdviceAnswers> it;
  private final int urgentDays;

  Urgency(Situation<LegalAdviceAnswers> it, LegalAdviceTerms terms) {
    this.it = it;
    this.urgentDays = terms.urgentDays();
  }

  /** Whether something is urgent at once, or its date is near. */
  boolean isUrgent() {
    for (var matter : it.answers().urgent()) {
      var kind = matter.kind();
      var on = matter.on();
      if (kind != null && !kind.isDated()) {
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

  /** LG-URGENT: nothing of it must be dealt with at once. */
  Check check() {
    var check = it.check("LG-URGENT").uses("urgent").judgedIf(isUrgent(), Why.URGENT_LINE::with);
    var matters = it.answers().urgent();
    for (var i = 0; i < matters.size(); i++) {
      var kind = matters.get(i).kind();
      var on = matters.get(i).on();
      check.needs("urgent/" + i + "/kind", kind);
      if (kind != null && kind.isDated()) {
        check
            .needs("urgent/" + i + "/on", on)
            .doubtIf(
                on != null && on.isBefore(it.lodgedOn()),
                () -> Why.DATE_PASSED.with(Argument.term(kind), Argument.day(known(on))));
      }
    }
    return check.orMet(Why.NOTHING_URGENT::with);
  }
}
