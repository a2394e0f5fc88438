package civitane.words;

import civitane.core.services.Services;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * All messages of one language by their keys: a file for what all services share, and one for each service.
 *
 * <p>A key is called by its file first, as in {@code rentRelief.nothingOwed}; the words of a vocabulary, whose keys
 * begin with {@code word.}, are not.
 */
final class Catalogue {
  private static final List<String> SHARED = List.of(
      "common",
      "rules",
      "claims",
      "income",
      "identity",
      "matching",
      "checking",
      "foresight",
      "standing",
      "vocabulary",
      "household",
      "letter",
      "door");

  private static final String WORD = "word.";

  private final Language language;
  private final Map<String, Template> templates = new HashMap<>();

  Catalogue(Language language) {
    this.language = language;
    SHARED.forEach(this::read);
    Services.all().forEach(service -> read(service.word()));
  }

  private void read(String file) {
    var place = "/civitane/words/" + language.word() + "/" + file + ".properties";
    var properties = new Properties();
    try (var stream = Catalogue.class.getResourceAsStream(place)) {
      if (stream == null) {
        throw new WordsFault("the words of " + file + " are missing in \"" + language.word()
            + "\": write " + place.substring(1));
      }
      properties.load(new InputStreamReader(stream, StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    for (var key : properties.stringPropertyNames()) {
      var whole = key.startsWith(WORD) ? key : file + "." + key;
      try {
        if (templates.put(whole, new Template(properties.getProperty(key), language)) != null) {
          throw new WordsFault(whole + " is said twice in \"" + language.word() + "\"");
        }
      } catch (IllegalArgumentException e) {
        throw new WordsFault(
            whole + " can't be read in \"" + language.word() + "\": " + e.getMessage());
      }
    }
  }

  /** The message of a key. Throws {@link WordsFault} where there is none. */
  Template get(String key) {
    var template = templates.get(key);
    if (template == null) {
      throw new WordsFault(key + " has no words in \"" + language.word() + "\"");
    }
    return template;
  }

  @Nullable
  Template find(String key) {
    return templates.get(key);
  }

  Set<String> keys() {
    return templates.keySet();
  }

  /** The keys of a numbered list, as in {@code bring.1}. */
  List<String> numbered(String key) {
    var found = new ArrayList<String>();
    for (var i = 1; templates.containsKey(key + "." + i); i++) {
      found.add(key + "." + i);
    }
    return found;
  }
}
