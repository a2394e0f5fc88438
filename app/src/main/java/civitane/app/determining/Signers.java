package civitane.app.determining;

import civitane.app.catalogue.DeskWords;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.facts.Signature;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.services.Conversation;
import civitane.core.services.Services;
import civitane.core.services.Statements;
import civitane.words.Language;
import civitane.words.Words;
import java.util.List;

/** Who has signed, and whether with the name as given. */
final class Signers {
  private Signers() {}

  /**
   * An adult of the household.
   *
   * @param signed whether there is a signature
   * @param words what is wrong with the name signed; empty when nothing is
   */
  record Signer(
      String person,
      String name,
      boolean applies,
      boolean signed,
      String words,
      List<Margin.Stated> statements) {}

  static List<Signer> of(Packet packet) {
    return Conversation.adults(packet).stream()
        .filter(Person::livesHere)
        .map(person -> signer(person, packet))
        .toList();
  }

  private static Signer signer(Person person, Packet packet) {
    var theirs = packet.signatures().stream()
        .filter(signature -> signature.person().equals(person.id()))
        .toList();
    var name = theirs.stream()
        .map(Signature::nameThatHolds)
        .filter(signed -> signed != null && !signed.isBlank())
        .findFirst();
    var words = theirs.stream().anyMatch(signature -> !signature.denied().isEmpty())
        ? "A statement was answered with no: nothing is signed. What is so instead belongs into the application first."
        : name.filter(signed -> Names.compare(person, signed) != NameMatch.SAME)
            .map(signed ->
                "You signed " + signed + "; the application says " + person.fullName() + ".")
            .orElse("");
    return new Signer(
        person.id(),
        person.fullName(),
        person.role() == Role.APPLICANT,
        name.isPresent(),
        words,
        stated(person, packet));
  }

  /** What somebody states: all of it, but of what another asks for alone nothing. */
  private static List<Margin.Stated> stated(Person person, Packet packet) {
    var theirs = person.role() == Role.APPLICANT
        ? packet
        : packet.withRequests(packet.requests().stream()
            .filter(request -> !Services.isPrivate(request, packet.household()))
            .toList());
    var read = Words.in(Language.of(packet.language()));
    return Statements.of(theirs).stream()
        .map(one -> new Margin.Stated(one.word(), read.word(one), DeskWords.WORDS.word(one)))
        .toList();
  }
}
