package civitane.core.checking;

import civitane.core.facts.Packet;
import civitane.core.facts.Paper;
import civitane.core.facts.Person;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.matching.AddressMatch;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import civitane.core.reasons.Reason;
import civitane.core.registers.AccountRegister;
import civitane.core.registers.IdentityPaperRegister;
import civitane.core.registers.PopulationRegister;
import civitane.core.registers.RegisterRow;
import civitane.core.registers.Resident;
import civitane.core.registers.WageRegister;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** Holds what a household said against what registers answered, and names against one another. */
public final class Comparing {
  private final Packet packet;
  private final List<Comparison> comparisons = new ArrayList<>();

  private Comparing(Packet packet) {
    this.packet = packet;
  }

  /** Everything that can be compared on a day; what was asked and not answered yet is among it. */
  public static List<Comparison> of(Packet packet, Answers answers, LocalDate today) {
    var comparing = new Comparing(packet);
    for (var inquiry : Inquiries.of(packet, today)) {
      answers
          .to(inquiry.question())
          .ifPresentOrElse(
              rows -> comparing.answered(inquiry, rows), () -> comparing.notAnswered(inquiry));
    }
    comparing.comparisons.addAll(DentalComparing.assessed(packet, answers, today));
    comparing.comparisons.addAll(RequestComparing.shown(packet));
    comparing.signed();
    return List.copyOf(comparing.comparisons);
  }

  private void answered(Inquiry inquiry, List<RegisterRow> rows) {
    switch (inquiry.question().register()) {
      case POPULATION -> resident(inquiry, rows);
      case WAGES -> wages(inquiry, rows);
      case ACCOUNTS -> account(inquiry, AccountRegister.read(rows).orElse(null));
      case IDENTITY_PAPERS -> paper(inquiry, rows);
      case TAX -> comparisons.addAll(DentalComparing.tax(packet, inquiry, rows));
      case CHILD_BENEFIT -> comparisons.addAll(DentalComparing.benefit(packet, inquiry, rows));
      case LENDERS, PARCELS -> comparisons.addAll(RequestComparing.answered(packet, inquiry, rows));
      case LANDLORDS -> {
        // A landlord's word is not the household's to differ from: it goes to what is known of
        // them.
      }
      case SALES -> throw new IllegalStateException("nothing of it is compared");
    }
  }

  private void notAnswered(Inquiry inquiry) {
    var matter = switch (inquiry.question().register()) {
      case POPULATION -> Matter.NAME;
      case WAGES -> Matter.WAGE;
      case ACCOUNTS -> Matter.ACCOUNT_HOLDER;
      case IDENTITY_PAPERS -> Matter.IDENTITY_PAPER;
      case LENDERS -> Matter.LENDER_FIGURE;
      case LANDLORDS -> Matter.LANDLORD_AGREEMENT;
      case PARCELS -> Matter.PARCEL_OWNER;
      case TAX -> Matter.TAX_FILED;
      case CHILD_BENEFIT -> Matter.CHILD_BENEFIT;
      case SALES -> throw new IllegalStateException("nothing of it is compared");
    };
    comparisons.add(new Comparison(
        matter, inquiry.place(), "", inquiry.about(), null, null, Verdict.NOT_ANSWERED, null));
  }

  private void compare(
      Matter matter,
      Inquiry inquiry,
      @Nullable Argument said,
      @Nullable Argument found,
      Verdict verdict,
      @Nullable Reason differs) {
    comparisons.add(new Comparison(
        matter, inquiry.place(), "", inquiry.about(), said, found, verdict, differs));
  }

  // People

  private Person person(Inquiry inquiry) {
    return packet.household().person(inquiry.about().id()).orElseThrow();
  }

  private void resident(Inquiry inquiry, List<RegisterRow> rows) {
    var person = person(inquiry);
    var name = Argument.told(person.fullName());
    if (rows.isEmpty()) {
      compare(
          Matter.NAME,
          inquiry,
          name,
          null,
          Verdict.DIFFERS,
          Why.NUMBER_UNKNOWN.with(inquiry.about()));
      return;
    }
    var resident = PopulationRegister.read(rows.get(0));
    var found = resident.givenName() + " " + resident.familyName();
    names(
        Matter.NAME,
        inquiry,
        person.fullName(),
        found,
        Names.compare(person, found),
        Why.NAME_DIFFERS.with(inquiry.about(), name, Argument.told(found)));
    if (person.birthDate() != null) {
      var said = Argument.day(person.birthDate());
      var born = Argument.day(resident.birthDate());
      var same = said.equals(born);
      compare(
          Matter.BIRTH_DATE,
          inquiry,
          said,
          born,
          same ? Verdict.AGREES : Verdict.DIFFERS,
          same ? null : Why.BIRTH_DATE_DIFFERS.with(inquiry.about(), said, born));
    }
    if (person.livesHere() && person.away() == null) {
      address(inquiry, resident);
    }
  }

  private void address(Inquiry inquiry, Resident resident) {
    var home = packet.household().address();
    if (home.hidden() || home.line1() == null || home.line1().isBlank()) {
      return;
    }
    var said = home.line1() + (home.postcode() == null ? "" : ", " + home.postcode());
    var found = resident.line1() + ", " + resident.postcode();
    var same = AddressMatch.isSame(home.line1(), resident.line1())
        && (home.postcode() == null || AddressMatch.isSame(home.postcode(), resident.postcode()));
    compare(
        Matter.ADDRESS,
        inquiry,
        Argument.told(said),
        Argument.told(found),
        same ? Verdict.AGREES : Verdict.DIFFERS,
        same
            ? null
            : Why.ADDRESS_DIFFERS.with(inquiry.about(), Argument.told(said), Argument.told(found)));
  }

  private void names(
      Matter matter, Inquiry inquiry, String said, String found, NameMatch match, Reason differs) {
    var verdict = switch (match) {
      case SAME -> Verdict.AGREES;
      case CLOSE, OTHER_SCRIPT -> Verdict.NEAR;
      case DIFFERENT -> Verdict.DIFFERS;
    };
    compare(
        matter,
        inquiry,
        Argument.told(said),
        Argument.told(found),
        verdict,
        verdict == Verdict.DIFFERS ? differs : null);
  }

  // Money

  private void wages(Inquiry inquiry, List<RegisterRow> rows) {
    var wages = rows.stream().map(WageRegister::read).toList();
    for (var wage : NamedWages.of(packet, person(inquiry), wages).unnamed()) {
      var monthly = Argument.monthly(wage.monthly());
      var employer = Argument.told(wage.employer());
      comparisons.add(new Comparison(
          Matter.WAGE,
          inquiry.place(),
          Names.key(wage.employer()),
          inquiry.about(),
          null,
          new Argument.Several(List.of(employer, monthly)),
          Verdict.DIFFERS,
          Why.WAGE_NOT_NAMED.with(inquiry.about(), employer, monthly)));
    }
  }

  private void account(Inquiry inquiry, @Nullable String holder) {
    var household = packet.household();
    var payment = known(household.payment());
    var applicant = household.applicant();
    var payee = payment.holder() == null ? applicant.fullName() : payment.holder();
    if (holder == null) {
      compare(
          Matter.ACCOUNT_HOLDER,
          inquiry,
          Argument.told(payee),
          null,
          Verdict.DIFFERS,
          Why.ACCOUNT_UNKNOWN.with());
      return;
    }
    // Money goes to an adult of the household or to whom it named, whichever the bank has.
    var match = household.people().stream()
        .filter(one -> payment.holder() == null)
        .map(one -> Names.compare(one, holder))
        .reduce(Names.compare(payee, holder), NameMatch::orNearer);
    names(
        Matter.ACCOUNT_HOLDER,
        inquiry,
        payee,
        holder,
        match,
        Why.ACCOUNT_OF_ANOTHER.with(Argument.told(payee), Argument.told(holder)));
  }

  // Papers

  private void paper(Inquiry inquiry, List<RegisterRow> rows) {
    var paper = paper(inquiry);
    var person = person(inquiry);
    var kind = Argument.term(paper.kind());
    var said = Argument.told(person.fullName());
    var issued = IdentityPaperRegister.read(rows).orElse(null);
    if (issued == null) {
      compare(
          Matter.IDENTITY_PAPER,
          inquiry,
          said,
          null,
          Verdict.DIFFERS,
          Why.PAPER_NOT_ISSUED.with(kind, inquiry.about()));
      return;
    }
    var found = Argument.told(issued.name());
    if (issued.lostOn() != null) {
      compare(
          Matter.IDENTITY_PAPER,
          inquiry,
          said,
          found,
          Verdict.DIFFERS,
          Why.PAPER_LOST.with(kind, inquiry.about(), Argument.day(issued.lostOn())));
      return;
    }
    names(
        Matter.IDENTITY_PAPER,
        inquiry,
        person.fullName(),
        issued.name(),
        Names.compare(person, issued.name()),
        Why.PAPER_OF_ANOTHER.with(kind, inquiry.about(), found));
  }

  private Paper paper(Inquiry inquiry) {
    var place = inquiry.place();
    return packet.papers().get(Integer.parseInt(place.substring(place.lastIndexOf('/') + 1)));
  }

  /** Who signs with another name than their own is asked, be it a maiden name. */
  private void signed() {
    var household = packet.household();
    for (var signature : packet.signatures()) {
      var person = household.person(signature.person()).orElse(null);
      var name = signature.nameThatHolds();
      if (person != null && name != null && !person.fullName().isEmpty()) {
        var who = Who.of(household, person);
        var match = Names.compare(person, name);
        var differs = match == NameMatch.DIFFERENT;
        comparisons.add(new Comparison(
            Matter.SIGNED_NAME,
            "/household/people/" + household.people().indexOf(person),
            "",
            who,
            Argument.told(person.fullName()),
            Argument.told(name),
            differs ? Verdict.DIFFERS : match == NameMatch.SAME ? Verdict.AGREES : Verdict.NEAR,
            differs ? Why.SIGNED_OTHERWISE.with(who, Argument.told(name)) : null));
      }
    }
  }
}
