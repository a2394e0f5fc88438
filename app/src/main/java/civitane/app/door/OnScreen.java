package civitane.app.door;

import civitane.core.facts.Acting;
import civitane.core.facts.Person;
import civitane.core.facts.Signature;
import civitane.core.facts.SigningMethod;
import civitane.core.facts.Statement;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.words.Language;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ObjectNode;

/**
 * A signature by the name that is typed, with what was stated in the words that were read: one's own, or that of whoever
 * acts for a person.
 */
final class OnScreen {
  private final Person person;
  private final boolean themselves;
  private final List<String> acting;

  private OnScreen(Person person, boolean themselves, Collection<Acting> acting) {
    this.person = person;
    this.themselves = themselves;
    this.acting = acting.stream().map(Acting::signer).toList();
  }

  static OnScreen of(Person person) {
    return new OnScreen(person, true, List.of());
  }

  /** That of a person, or of any of those who act for them. */
  static OnScreen of(Person person, Collection<Acting> acting) {
    return new OnScreen(person, true, acting);
  }

  /** That of who acts for a person, and of nobody else. */
  static OnScreen by(Acting acting, Person person) {
    return new OnScreen(person, false, List.of(acting));
  }

  private boolean isTheirOwn(String signed) {
    return themselves && Names.compare(person, signed.strip()) == NameMatch.SAME;
  }

  /** What is said where a name that signs is another than was told; empty where it is the same. */
  String otherName(String signed, Language language) {
    if (isTheirOwn(signed)
        || acting.stream()
            .anyMatch(name -> Names.compare(name, signed.strip()) == NameMatch.SAME)) {
      return "";
    }
    return Words.in(language)
        .say(
            "door.sign.otherName",
            "signed",
            signed.strip(),
            "name",
            themselves ? person.fullName() : String.join(", ", acting));
  }

  /** The name that holds: whoever acts signs in that of the person. */
  private String name(String signed) {
    return isTheirOwn(signed) ? signed.strip() : person.fullName();
  }

  private @Nullable String signedBy(String signed) {
    return isTheirOwn(signed) ? null : signed.strip();
  }

  /** Writes the signature into a packet that is to be lodged. */
  void sign(
      ObjectNode packet,
      String signed,
      LocalDate on,
      List<Statement> statements,
      Language language) {
    var signature = packet
        .putArray("signatures")
        .addObject()
        .put("person", person.id())
        .put("name", name(signed))
        .put("on", on.toString())
        .put("method", SigningMethod.SCREEN.word())
        .put("language", language.word());
    var by = signedBy(signed);
    if (by != null) {
      signature.put("signedBy", by);
    }
    var stated = signature.putArray("statements");
    statements.forEach(statement -> stated.add(statement.word()));
  }

  Signature signature(String signed, LocalDate on, List<Statement> statements, Language language) {
    var words = Words.in(language);
    return new Signature(
        person.id(),
        name(signed),
        on,
        SigningMethod.SCREEN,
        signedBy(signed),
        null,
        null,
        null,
        language.word(),
        statements.stream().map(Statement::word).toList(),
        List.of(),
        statements.stream().map(words::word).toList());
  }
}
