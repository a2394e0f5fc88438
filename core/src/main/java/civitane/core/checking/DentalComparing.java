package civitane.core.checking;

import civitane.core.facts.Packet;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import civitane.core.reasons.Reason;
import civitane.core.registers.RegisterName;
import civitane.core.registers.RegisterRow;
import civitane.core.registers.TaxRecord;
import civitane.core.registers.TaxRegister;
import civitane.core.services.childdental.ChildDentalAnswers;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Holds what Child Dental answers on tax and child benefit against the registers of both. */
final class DentalComparing {
  private DentalComparing() {}

  /** The answers of a request, and where they stand. */
  private record Asked(String place, ChildDentalAnswers answers) {}

  private static List<Asked> asked(Packet packet) {
    var all = new ArrayList<Asked>();
    for (var i = 0; i < packet.requests().size(); i++) {
      if (packet.requests().get(i).answers() instanceof ChildDentalAnswers dental) {
        all.add(new Asked("/requests/" + i + "/answers", dental));
      }
    }
    return all;
  }

  private static @Nullable Boolean filed(ChildDentalAnswers answers, String person) {
    return answers.taxFiled() == null ? null : answers.taxFiled().get(person);
  }

  /** Whether somebody filed a return; a year of which the register has nothing is none that was filed. */
  static List<Comparison> tax(Packet packet, Inquiry inquiry, List<RegisterRow> rows) {
    var who = inquiry.about();
    var found = TaxRegister.read(rows).map(TaxRecord::filed).orElse(null);
    var all = new ArrayList<Comparison>();
    for (var asked : asked(packet)) {
      var said = filed(asked.answers(), who.id());
      if (said != null) {
        all.add(
            found == null
                ? differs(Matter.TAX_FILED, inquiry, said, null, Why.TAX_UNKNOWN.with(who))
                : compared(Matter.TAX_FILED, Why.TAX_FILED_DIFFERS, inquiry, said, found));
      }
    }
    return all;
  }

  static List<Comparison> benefit(Packet packet, Inquiry inquiry, List<RegisterRow> rows) {
    var all = new ArrayList<Comparison>();
    for (var asked : asked(packet)) {
      var at = asked.answers().childAt(inquiry.about().id());
      var said =
          at.isEmpty() ? null : asked.answers().named().get(at.getAsInt()).childBenefit();
      if (said != null) {
        all.add(compared(
            Matter.CHILD_BENEFIT, Why.CHILD_BENEFIT_DIFFERS, inquiry, said, !rows.isEmpty()));
      }
    }
    return all;
  }

  private static Comparison compared(
      Matter matter, Why why, Inquiry inquiry, boolean said, boolean found) {
    var yes = Argument.term(YesNo.of(said));
    var other = Argument.term(YesNo.of(found));
    return said == found
        ? new Comparison(
            matter, inquiry.place(), "", inquiry.about(), yes, other, Verdict.AGREES, null)
        : differs(matter, inquiry, said, other, why.with(inquiry.about(), yes, other));
  }

  private static Comparison differs(
      Matter matter, Inquiry inquiry, boolean said, @Nullable Argument found, Reason differs) {
    return new Comparison(
        matter,
        inquiry.place(),
        "",
        inquiry.about(),
        Argument.term(YesNo.of(said)),
        found,
        Verdict.DIFFERS,
        differs);
  }

  /** The income of all who are taxed together, once the register has told it of each. */
  static List<Comparison> assessed(Packet packet, Answers answers, LocalDate today) {
    var all = new ArrayList<Comparison>();
    for (var asked : asked(packet)) {
      var said = asked.answers().assessedIncome();
      var found = together(packet, answers, today);
      if (said != null && found != null) {
        var same = said.equals(found);
        var applicant = packet.household().applicant();
        all.add(new Comparison(
            Matter.ASSESSED_INCOME,
            asked.place(),
            "",
            Who.of(packet.household(), applicant),
            Argument.once(said),
            Argument.once(found),
            same ? Verdict.AGREES : Verdict.DIFFERS,
            same
                ? null
                : Why.ASSESSED_INCOME_DIFFERS.with(Argument.once(said), Argument.once(found))));
      }
    }
    return all;
  }

  private static @Nullable Amount together(Packet packet, Answers answers, LocalDate today) {
    var told = new LinkedHashMap<String, Amount>();
    for (var inquiry : Inquiries.of(packet, today)) {
      if (inquiry.question().register() == RegisterName.TAX) {
        answers
            .to(inquiry.question())
            .flatMap(TaxRegister::read)
            .map(TaxRecord::assessedIncome)
            .ifPresent(amount -> told.put(inquiry.about().id(), amount));
      }
    }
    var taxed =
        packet.household().people().stream().filter(ChildDentalAnswers::isTaxed).toList();
    return taxed.stream().allMatch(person -> told.containsKey(person.id()))
        ? told.values().stream().reduce(Amount.ZERO, Amount::plus)
        : null;
  }

  /** What the register of tax tells of somebody, and that of child benefit, to stand as checked. */
  static Map<String, Object> found(Packet packet, Inquiry inquiry, List<RegisterRow> rows) {
    var found = new LinkedHashMap<String, Object>();
    var person = inquiry.about().id();
    for (var asked : asked(packet)) {
      var at = asked.answers().childAt(person);
      if (inquiry.question().register() == RegisterName.TAX) {
        TaxRegister.read(rows)
            .ifPresent(tax -> found.put(asked.place() + "/taxFiled/" + person, tax.filed()));
      } else if (at.isPresent()) {
        found.put(asked.place() + "/children/" + at.getAsInt() + "/childBenefit", !rows.isEmpty());
      }
    }
    return found;
  }
}
