package civitane.app.door;

import civitane.core.facts.Person;
import civitane.core.facts.Signature;
import civitane.core.facts.SigningMethod;
import civitane.core.facts.Statement;
import civitane.words.Language;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.List;

/** Signatures by the name that is typed, with what was stated in the words that were read. */
final class OnScreen {
  private OnScreen() {}

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
