package civitane.core.services;

import civitane.core.facts.ConsentTo;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;

/** Whom it helps to ask for what is applied for; each is asked only where the person it is about allows it. */
public final class Permissions {
  private static final int MONTHS = 12;

  private Permissions() {}

  /** How long it holds what is allowed on a day. */
  public static LocalDate until(LocalDate given) {
    return given.plusMonths(MONTHS);
  }

  /** Whom a person may allow to be asked and does not allow on a day. */
  public static List<ConsentTo> open(Packet packet, Person person, LocalDate on) {
    return of(packet, person).stream()
        .filter(to ->
            packet.household().consents().stream().noneMatch(one -> one.isOf(person.id(), to, on)))
        .toList();
  }

  /** Whom a person may allow to be asked: the registers, who pays their wages, and who knows of what they apply for. */
  public static List<ConsentTo> of(Packet packet, Person person) {
    var whom = EnumSet.of(ConsentTo.REGISTERS);
    if (packet.household().incomes().stream()
        .anyMatch(
            income -> income.kind() == IncomeKind.WAGES && income.person().equals(person.id()))) {
      whom.add(ConsentTo.EMPLOYER);
    }
    if (person.role() == Role.APPLICANT) {
      packet.requests().stream()
          .map(request -> Services.named(request.service()).orElseThrow())
          .forEach(service -> whom.addAll(service.others()));
    }
    return List.copyOf(whom);
  }
}
