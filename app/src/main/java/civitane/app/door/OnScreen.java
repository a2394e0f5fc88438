package civitane.app.door;

import civitane.core.facts.Person;
import civitane.core.facts.Signature;
import civitane.core.facts.SigningMethod;
import civitane.core.facts.Statement;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.words.Language;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.List;
import tools.jackson.databind.node.ObjectNode;

/** Signatures by the name that is typed, with what was stated in the words that were read. */
final class OnScreen {
  private OnScreen() {}

  /** What is said where a name that signs is another than the one told; empty where it is the same. */
  static String otherName(Person person, String signed, Language language) {
    return Names.compare(person, signed.strip()) == NameMatch.SAME
        ? ""
        : Words.in(language)
            .say("door.sign.otherName", "signed", signed.strip(), "name", person.fullName());
  }

  /** Writes the signature of a person into a packet that is to be lodged. */
  static void sign(
      ObjectNode packet,
      Person person,
      String name,
      LocalDate on,
      List<Statement> statements,
      Language language) {
    var signature = packet
        .putArray("signatures")
        .addObject()
        .put("person", person.id())
        .put("name", name)
        .put("on", on.toString())
        .put("method", SigningMethod.SCREEN.word())
        .put("language", language.word());
    var stated = signature.putArray("statements");
    statements.forEach(statement -> stated.add(statement.word()));
  }

  static Signature signature(
      Person person, String name, LocalDate on, List<Statement> statements, Language language) {
    var words = Words.in(language);
    return new Signature(
        person.id(),
        name,
        on,
        SigningMethod.SCREEN,
        null,
        null,
        null,
        language.word(),
        statements.stream().map(Statement::word).toList(),
        List.of(),
        statements.stream().map(words::word).toList());
  }
}
