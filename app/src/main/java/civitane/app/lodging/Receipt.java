package civitane.app.lodging;

import civitane.app.claims.ClaimLists;
import civitane.app.letters.HouseholdLetter;
import civitane.app.letters.LetterText;
import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Signature;
import civitane.core.reasons.Argument.Missing;
import civitane.core.time.LastDay;
import civitane.words.Language;
import civitane.words.Words;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;

/** The receipt: what was asked for, under which numbers, by when an answer comes, what is still needed, and what was told; in the household's language. */
public final class Receipt {
  /** Days in which somebody who signed by voice can say that it is not so. */
  private static final int TO_OBJECT = 21;

  private final Packet packet;
  private final Collection<Acting> acting;
  private final LastDay lastDays;
  private final Words words;

  private Receipt(Packet packet, Collection<Acting> acting, LastDay lastDays) {
    this.packet = packet;
    this.acting = acting;
    this.lastDays = lastDays;
    this.words = Words.in(Language.of(packet.language()));
  }

  /** A claim as it was lodged, with what the rules miss. */
  record Lodged(ClaimLists.LodgedClaim claim, List<Missing> missing) {}

  /** The receipt for lodged claims; {@code toSign} names the adults who are still to sign. */
  static LetterText text(
      Packet packet,
      Collection<Acting> acting,
      String number,
      List<Lodged> lodged,
      List<String> toSign,
      LastDay lastDays) {
    return new Receipt(packet, acting, lastDays).receipt(number, lodged, toSign);
  }

  /** The acknowledgement of a form that came in without a fault. */
  public static LetterText acknowledgement(Packet packet, String number, LocalDate on) {
    return new Receipt(packet, List.of(), LastDay.AS_COUNTED).acknowledged(number, on);
  }

  private LetterText receipt(String number, List<Lodged> lodged, List<String> toSign) {
    var figures = new ArrayList<LetterText.Figure>();
    var closing = new ArrayList<String>();
    for (var i = 0; i < lodged.size(); i++) {
      var claim = lodged.get(i).claim();
      var service = words.title(packet.requests().get(i).service());
      figures.add(new LetterText.Figure(
          say("receipt.claim", "service", service, "number", claim.number()), answer(claim)));
      var missing =
          lodged.get(i).missing().stream().map(words::missing).distinct().toList();
      if (!missing.isEmpty()) {
        closing.add(
            say("receipt.open", "service", service, "count", BigDecimal.valueOf(missing.size()))
                + " " + words.say("rules.stillNeeded", "what", words.list(missing)));
      }
    }
    if (closing.isEmpty()) {
      closing.add(say("receipt.complete"));
    }
    if (!toSign.isEmpty()) {
      closing.add(say("receipt.signers", "names", words.list(toSign)));
    }
    packet.signatures().stream().flatMap(this::signedFor).forEach(closing::add);
    packet.signatures().stream()
        .filter(Signature::isSpoken)
        .forEach(signature -> closing.addAll(spoken(signature)));
    closing.add(say("receipt.change"));
    return letter(
        "receipt",
        number,
        List.of(say("receipt.lodged", "date", packet.lodgedOn()), say("receipt.keep")),
        figures,
        closing);
  }

  /** Who signed for somebody else, by the right to act for them. */
  private Stream<String> signedFor(Signature signature) {
    return Stream.ofNullable(signature.signedBy())
        .map(who -> say("receipt.signedFor", "who", who, "name", name(signature)));
  }

  private String name(Signature signature) {
    return packet
        .household()
        .person(signature.person())
        .map(Person::fullName)
        .orElse(packet.household().applicant().fullName());
  }

  /** Who signed by voice gets it on paper, with a way to say that it is not so. */
  private List<String> spoken(Signature signature) {
    var said = new ArrayList<String>();
    said.add(say("receipt.spoken", "name", name(signature), "date", packet.lodgedOn()));
    if (signature.heardBy() != null) {
      said.add(say("receipt.heardBy", "heardBy", signature.heardBy()));
    }
    if (signature.interpreter() != null) {
      said.add(say("receipt.interpreter", "interpreter", signature.interpreter()));
    }
    said.add(say("receipt.object", "until", lastDays.of(packet.lodgedOn().plusDays(TO_OBJECT))));
    return said;
  }

  /** What one asks for alone has a receipt of its own. */
  private String answer(ClaimLists.LodgedClaim claim) {
    return say(claim.urgent() ? "receipt.urgent" : "receipt.answer", "date", claim.dueOn());
  }

  private LetterText acknowledged(String number, LocalDate on) {
    return letter(
        "acknowledgement",
        number,
        List.of(say("acknowledgement.read", "date", on)),
        packet.requests().stream()
            .map(request -> new LetterText.Figure(words.title(request.service()), ""))
            .toList(),
        List.of(say("acknowledgement.next"), say("receipt.change")));
  }

  private LetterText letter(
      String kind,
      String number,
      List<String> paragraphs,
      List<LetterText.Figure> figures,
      List<String> closing) {
    return new HouseholdLetter(kind, number, 1, packet, acting, words, say(kind + ".title"))
        .says(paragraphs)
        .reckons(figures)
        .ends(closing)
        .repeats(new ReadThrough(packet, words).lines())
        .text();
  }

  private String say(String key, Object... namesAndValues) {
    return words.say("letter." + key, namesAndValues);
  }
}
