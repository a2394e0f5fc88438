package civitane.app.lodging;

import civitane.core.facts.Statement;
import civitane.core.facts.Vocabulary;
import civitane.core.facts.Word;
import civitane.words.Language;
import civitane.words.Words;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Keeps with each signature the statements as they were read, in the language they were read in. */
final class Wording {
  private Wording() {}

  static void keep(ObjectNode packet) {
    for (var one : packet.path("signatures")) {
      if (one instanceof ObjectNode signature && signature.path("statements").isArray()) {
        var language =
            signature.path("language").asString(packet.path("language").asString(""));
        var words = Words.in(Language.of(language.isBlank() ? null : language));
        var wording = signature.putArray("wording");
        signature
            .path("statements")
            .valueStream()
            .map(Wording::statement)
            .filter(Objects::nonNull)
            .forEach(statement -> wording.add(words.word(statement)));
      }
    }
  }

  private static @Nullable Word statement(JsonNode ticked) {
    return Vocabulary.of(Statement.class).byWord().get(ticked.asString(""));
  }
}
