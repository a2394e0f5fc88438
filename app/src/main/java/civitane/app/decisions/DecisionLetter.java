package civitane.app.decisions;

import civitane.app.letters.HouseholdLetter;
import civitane.app.letters.LetterText;
import civitane.app.money.Overpayment;
import civitane.app.money.Settlement;
import civitane.core.awards.Award;
import civitane.core.awards.What;
import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
import civitane.core.facts.PaymentMethod;
import civitane.core.reasons.Argument;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The letter that tells a decision with every reason and its numbers, in the household's language. */
final class DecisionLetter {
  /** Checks that say nothing to the household. */
  static final Set<String> INWARD = Set.of("PAPERS");

  /** Notes that say that what is granted may change when the papers are in. */
  private static final Set<String> NOT_FOR_GOOD = Set.of("provisional", "papersFollow");

  private final String number;
  private final LocalDate lodgedOn;
  private final Collection<Acting> acting;
  private final Packet packet;
  private final Result result;
  private final Language language;
  private final Words words;

  /**
   * The letter about a claim.
   *
   * @param number the claim's number
   * @param lodgedOn the day it was lodged
   * @param acting who acts for the household
   */
  DecisionLetter(
      String number, LocalDate lodgedOn, Packet packet, Result result, Collection<Acting> acting) {
    this.number = number;
    this.lodgedOn = lodgedOn;
    this.acting = acting;
    this.packet = packet;
    this.result = result;
    this.language = Language.of(packet.language());
    this.words = Words.in(language);
  }

  /**
   * What it says.
   *
   * @param occasion which decision on the claim it tells, from 1
   * @param reason why it is decided otherwise than computed, as the caseworker wrote it
   * @param settlement what is made of what was given beyond what is due
   * @param appealableUntil the last day to appeal
   */
  LetterText text(
      int occasion,
      boolean grant,
      @Nullable String reason,
      Settlement settlement,
      LocalDate appealableUntil) {
    return new HouseholdLetter(
            Decisions.LETTER,
            number,
            occasion,
            packet,
            acting,
            words,
            say("title", "service", words.title(result.service())))
        .says(paragraphs(grant, reason))
        .grants(grant ? granted() : List.of())
        .because(reasons(grant))
        .reckons(grant ? figures() : List.of())
        .ends(closing(grant, settlement, appealableUntil))
        .text();
  }

  private List<String> paragraphs(boolean grant, @Nullable String reason) {
    var paragraphs = new ArrayList<String>();
    paragraphs.add(say("asked", "date", lodgedOn));
    paragraphs.add(
        grant && !result.awards().isEmpty()
            ? say("yes") + " " + words.say(result.service() + ".granted")
            : say(grant ? "yes" : "no"));
    if (reason != null && !reason.isBlank()) {
      paragraphs.add(say("otherwise", "reason", reason.strip()));
      if (language != Language.EN) {
        paragraphs.add(words.say("letter.asWritten"));
      }
    }
    return paragraphs;
  }

  private List<String> granted() {
    return result.awards().stream()
        .map(award -> words.award(result.service(), award))
        .toList();
  }

  private List<String> reasons(boolean grant) {
    return result.checks().stream()
        .filter(check -> !INWARD.contains(check.id()))
        .filter(check -> check.is(grant ? Outcome.MET : Outcome.NOT_MET))
        .map(check -> words.say(check.reasons(), Voice.LETTER))
        .distinct()
        .toList();
  }

  private List<LetterText.Figure> figures() {
    return result.working().stream()
        .map(line ->
            new LetterText.Figure(words.say(line.label(), Voice.LETTER), words.say(line.value())))
        .toList();
  }

  private List<String> closing(boolean grant, Settlement settlement, LocalDate appealableUntil) {
    var closing = new ArrayList<String>();
    var asked = settlement.asked();
    if (asked != null) {
      closing.addAll(back(asked));
    }
    if (settlement.less().isPositive()) {
      closing.add(say("overpaid.less", "much", Argument.once(settlement.less())));
    }
    var payment = packet.household().payment();
    if (grant && result.awards().stream().anyMatch(DecisionLetter::isPaidToHousehold)) {
      closing.add(say("howPaid."
          + (payment != null && payment.method() == PaymentMethod.CHEQUE
              ? PaymentMethod.CHEQUE.word()
              : PaymentMethod.TRANSFER.word())));
    }
    if (grant && result.notes().stream().anyMatch(note -> NOT_FOR_GOOD.contains(note.code()))) {
      closing.add(say("provisional"));
    }
    closing.add(say("appeal", "last", appealableUntil));
    closing.add(say("change", "number", number));
    return closing;
  }

  /** That more was given than is due, whose cause that was, and what can be done. */
  private List<String> back(Overpayment asked) {
    var why = say("overpaid." + asked.cause().word())
        + " "
        + say("overpaid.why", "because", asked.because());
    return List.of(
        say(
            "overpaid",
            "much",
            Argument.once(asked.amount()),
            "from",
            asked.from(),
            "until",
            asked.until()),
        language == Language.EN ? why : why + " " + words.say("letter.asWritten"),
        say("overpaid.back", "ref", asked.ref()));
  }

  private static boolean isPaidToHousehold(Award award) {
    return award.what() == What.MONEY && award.to() == civitane.core.awards.Recipient.HOUSEHOLD;
  }

  private String say(String key, Object... namesAndValues) {
    return words.say("letter.decision." + key, namesAndValues);
  }
}
