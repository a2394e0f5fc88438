package civitane.core.checking;

import civitane.core.facts.ConsentTo;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.identity.MachineReadableZone;
import civitane.core.reasons.Argument.Who;
import civitane.core.registers.AccountRegister;
import civitane.core.registers.ChildBenefitRegister;
import civitane.core.registers.IdentityPaperRegister;
import civitane.core.registers.LandlordRegister;
import civitane.core.registers.LenderRegister;
import civitane.core.registers.PopulationRegister;
import civitane.core.registers.PropertyRegister;
import civitane.core.registers.RegisterQuestion;
import civitane.core.registers.TaxRegister;
import civitane.core.registers.WageRegister;
import civitane.core.services.childdental.ChildDentalAnswers;
import civitane.core.services.homepaymentrelief.HomePaymentReliefAnswers;
import civitane.core.services.rentrelief.RentReliefAnswers;
import civitane.core.services.valuereview.ValueReviewAnswers;
import civitane.core.time.Ages;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whom the office asks about a household: for exactly those who consented to it, as long as they do. */
public final class Inquiries {
  private Inquiries() {}

  /** The questions of a day, each once. */
  public static List<Inquiry> of(Packet packet, LocalDate today) {
    var inquiries = new ArrayList<Inquiry>();
    var household = packet.household();
    for (var i = 0; i < household.people().size(); i++) {
      var person = household.people().get(i);
      if (consents(packet, person, today)) {
        about(packet, person, i, today, inquiries);
        papers(packet, person, inquiries);
      }
    }
    var payment = household.payment();
    var applicant = household.applicant();
    if (payment != null && payment.iban() != null && consents(packet, applicant, today)) {
      inquiries.add(new Inquiry(
          AccountRegister.question(payment.iban()), Matter.PAYMENT, Who.of(household, applicant)));
    }
    for (var i = 0; i < packet.requests().size(); i++) {
      asked(packet, i, today).ifPresent(inquiries::add);
      if (packet.requests().get(i).answers() instanceof ChildDentalAnswers dental) {
        dental(packet, dental, today, inquiries);
      }
    }
    return List.copyOf(inquiries);
  }

  /** What somebody else is asked for a request, if the applicant allows it. */
  private static Optional<Inquiry> asked(Packet packet, int index, LocalDate today) {
    var household = packet.household();
    return question(packet.requests().get(index).answers())
        .filter(ask -> allows(packet, household.applicant(), ask.allowed(), today))
        .map(ask -> new Inquiry(
            ask.question(),
            "/requests/" + index + "/answers",
            Who.of(household, household.applicant())));
  }

  /** @param allowed whom the applicant must have allowed to be asked */
  private record Ask(RegisterQuestion question, ConsentTo allowed) {}

  private static Optional<Ask> question(Record answers) {
    if (answers instanceof HomePaymentReliefAnswers home) {
      var lender = home.lender() == null ? null : home.lender().name();
      return lender == null || home.loanNumber() == null
          ? Optional.empty()
          : Optional.of(
              new Ask(LenderRegister.question(lender, home.loanNumber()), ConsentTo.LENDER));
    } else if (answers instanceof RentReliefAnswers rent) {
      var landlord = rent.landlord() == null ? null : rent.landlord().name();
      return landlord == null
          ? Optional.empty()
          : Optional.of(new Ask(LandlordRegister.question(landlord), ConsentTo.LANDLORD));
    } else if (answers instanceof ValueReviewAnswers review && review.parcel() != null) {
      return Optional.of(new Ask(PropertyRegister.question(review.parcel()), ConsentTo.REGISTERS));
    }
    return Optional.empty();
  }

  private static void about(
      Packet packet, Person person, int index, LocalDate today, List<Inquiry> inquiries) {
    var place = "/household/people/" + index;
    var number = person.residentNumber();
    if (number == null) {
      return;
    }
    var who = Who.of(packet.household(), person);
    inquiries.add(new Inquiry(PopulationRegister.question(number), place, who));
    // Of an adult, whether there is a wage that nobody named is asked too.
    var earns = packet.household().incomes().stream()
        .anyMatch(
            income -> income.person().equals(person.id()) && income.kind() == IncomeKind.WAGES);
    if (earns || isAdult(person, today)) {
      inquiries.add(new Inquiry(WageRegister.question(number), place, who));
    }
  }

  private static void papers(Packet packet, Person person, List<Inquiry> inquiries) {
    for (var i = 0; i < packet.papers().size(); i++) {
      var paper = packet.papers().get(i);
      var zone = MachineReadableZone.read(paper.mrz());
      if (person.id().equals(paper.person())
          && !paper.mrz().isEmpty()
          && zone.faults().isEmpty()) {
        inquiries.add(new Inquiry(
            IdentityPaperRegister.question(zone.number()),
            "/papers/" + i,
            Who.of(packet.household(), person)));
      }
    }
  }

  /** What was assessed is asked for who pays tax together, child benefit for the children it is asked for. */
  private static void dental(
      Packet packet, ChildDentalAnswers dental, LocalDate today, List<Inquiry> inquiries) {
    var household = packet.household();
    var mayAskOfChildren = consents(packet, household.applicant(), today);
    for (var i = 0; i < household.people().size(); i++) {
      var person = household.people().get(i);
      var number = person.residentNumber();
      var place = "/household/people/" + i;
      if (number == null) {
        continue;
      }
      var who = Who.of(household, person);
      if (ChildDentalAnswers.isTaxed(person) && consents(packet, person, today)) {
        inquiries.add(
            new Inquiry(TaxRegister.question(number, TaxRegister.lastYear(today)), place, who));
      } else if (mayAskOfChildren && dental.childAt(person.id()).isPresent()) {
        inquiries.add(new Inquiry(ChildBenefitRegister.question(number), place, who));
      }
    }
  }

  private static boolean isAdult(Person person, LocalDate today) {
    return person.birthDate() != null && Ages.isAdult(person.birthDate(), today);
  }

  private static boolean consents(Packet packet, Person person, LocalDate today) {
    return allows(packet, person, ConsentTo.REGISTERS, today);
  }

  private static boolean allows(Packet packet, Person person, ConsentTo whom, LocalDate today) {
    return packet.household().consents().stream()
        .filter(consent -> consent.person().equals(person.id()))
        .filter(consent -> consent.to() == whom)
        .anyMatch(consent -> consent.holdsOn(today));
  }
}
