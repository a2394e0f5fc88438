package civitane.app.intake;

import civitane.app.claims.Claims;
import civitane.app.letters.LetterText;
import civitane.app.letters.LetterWords;
import civitane.app.letters.Recipient;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The receipt: what was asked for, under which numbers, by when an answer comes, and what was told; in the household's language. */
final class Receipt {
  private final Packet packet;
  private final LetterWords words;

  private Receipt(Packet packet) {
    this.packet = packet;
    this.words = LetterWords.in(Optional.ofNullable(packet.language()).orElse("en"));
  }

  /** The receipt for lodged claims; {@code toSign} names the adults who are still to sign. */
  static LetterText text(
      Packet packet, String number, List<Claims.LodgedClaim> claims, List<String> toSign) {
    return new Receipt(packet).receipt(number, claims, toSign);
  }

  /** The acknowledgement of a form that came in without a fault. */
  static LetterText acknowledgement(Packet packet, String number, LocalDate on) {
    return new Receipt(packet).acknowledged(number, on);
  }

  private LetterText receipt(String number, List<Claims.LodgedClaim> claims, List<String> toSign) {
    var figures = new ArrayList<LetterText.Figure>();
    var closing = new ArrayList<String>();
    for (var i = 0; i < claims.size(); i++) {
      var claim = claims.get(i);
      var service = words.say("service." + packet.requests().get(i).service());
      figures.add(new LetterText.Figure(
          words.say("receipt.claim", service, claim.number()), answer(claim)));
      if (claim.open() > 0) {
        closing.add(words.say("receipt.open", service, claim.open()));
      }
    }
    if (closing.isEmpty()) {
      closing.add(words.say("receipt.complete"));
    }
    if (!toSign.isEmpty()) {
      closing.add(words.say("receipt.signers", String.join(", ", toSign)));
    }
    closing.add(words.say("receipt.change"));
    return letter(
        "receipt",
        number,
        List.of(
            words.say("receipt.lodged", words.date(packet.lodgedOn())), words.say("receipt.keep")),
        figures,
        closing,
        told());
  }

  private String answer(Claims.LodgedClaim claim) {
    return words.say(
        claim.urgent() ? "receipt.urgent" : "receipt.answer", words.date(claim.dueOn()));
  }

  private LetterText acknowledged(String number, LocalDate on) {
    return letter(
        "acknowledgement",
        number,
        List.of(words.say("acknowledgement.read", words.date(on))),
        packet.requests().stream()
            .map(request -> new LetterText.Figure(words.say("service." + request.service()), ""))
            .toList(),
        List.of(words.say("acknowledgement.next"), words.say("receipt.change")),
        told());
  }

  private LetterText letter(
      String kind,
      String number,
      List<String> paragraphs,
      List<LetterText.Figure> figures,
      List<String> closing,
      List<LetterText.Figure> told) {
    return new LetterText(
        kind,
        number,
        words.language(),
        words.say(kind + ".title"),
        packet.household().applicant().fullName(),
        Recipient.lines(packet.household(), words),
        paragraphs,
        List.of(),
        figures,
        closing,
        told);
  }

  private List<LetterText.Figure> told() {
    var told = new ArrayList<LetterText.Figure>();
    var household = packet.household();
    for (var person : household.people()) {
      told.add(new LetterText.Figure(
          name(person) + ", " + words.say("role." + person.role().word()),
          person.birthDate() == null ? "—" : words.say("born", words.date(person.birthDate()))));
    }
    for (var income : household.incomes()) {
      told.add(new LetterText.Figure(
          name(household.person(income.person()).orElseThrow()) + ", "
              + words.say("income." + income.kind().word()),
          income.amount() == null || income.frequency() == null
              ? "—"
              : words.say(
                  "every",
                  income.amount(),
                  words.say("frequency." + income.frequency().word()))));
    }
    for (var statement : household.noIncome()) {
      told.add(new LetterText.Figure(
          name(household.person(statement.person()).orElseThrow()), words.say("none")));
    }
    for (var expense : household.listedExpenses()) {
      told.add(new LetterText.Figure(
          words.say("expense." + expense.kind().word()),
          expense.amount() == null || expense.frequency() == null
              ? "—"
              : words.say(
                  "every",
                  expense.amount(),
                  words.say("frequency." + expense.frequency().word()))));
    }
    return told;
  }

  private static String name(Person person) {
    return person.fullName().isBlank() ? "—" : person.fullName();
  }
}
