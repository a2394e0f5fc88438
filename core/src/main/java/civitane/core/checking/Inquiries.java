package civitane.core.checking;

import civitane.core.facts.ConsentTo;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.identity.MachineReadableZone;
import civitane.core.reasons.Argument.Who;
import civitane.core.registers.AccountRegister;
import civitane.core.registers.IdentityPaperRegister;
import civitane.core.registers.PopulationRegister;
import civitane.core.registers.WageRegister;
import civitane.core.time.Ages;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** Which registers are asked about a household: for exactly those who consented, as long as they do. */
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
    return List.copyOf(inquiries);
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

  private static boolean isAdult(Person person, LocalDate today) {
    return person.birthDate() != null && Ages.isAdult(person.birthDate(), today);
  }

  private static boolean consents(Packet packet, Person person, LocalDate today) {
    return packet.household().consents().stream()
        .filter(consent -> consent.person().equals(person.id()))
        .filter(consent -> consent.to() == ConsentTo.REGISTERS)
        .anyMatch(consent -> consent.holdsOn(today));
  }
}
