package civitane.packet.json;

import civitane.packet.text.CleanText;
import java.util.HashSet;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/** What every value in a document must be like, whatever it stands for: not too deep, no key twice, no text too long or with hidden signs. */
public final class JsonText {
  public static final int MOST_CHARACTERS = 4_000;
  public static final int DEEPEST = 32;

  private final JsonParser parser;
  private final Path path;
  private final Faults faults;

  public JsonText(JsonParser parser, Path path, Faults faults) {
    this.parser = parser;
    this.path = path;
    this.faults = faults;
  }

  /** Whether the object or list that begins here lies too deep; then it is told and passed over. */
  public boolean isTooDeep() {
    if (path.depth() < DEEPEST) {
      return false;
    }
    faults.add(
        path.pointer(), "it is nested deeper than " + DEEPEST, "at most " + DEEPEST + " levels");
    parser.skipChildren();
    return true;
  }

  public void keyTwice() {
    faults.add(path.pointer(), "the key is there twice", "each key once");
  }

  /** The text that the reader is at. */
  public String text() {
    return checked(parser.getString());
  }

  /** Passes over a value that has no place here, and tells what is wrong in it all the same. */
  public void passOver() {
    switch (parser.currentToken()) {
      case START_OBJECT -> passOverObject();
      case START_ARRAY -> passOverArray();
      case VALUE_STRING -> text();
      default -> {}
    }
  }

  private void passOverObject() {
    if (isTooDeep()) {
      return;
    }
    var seen = new HashSet<String>();
    while (parser.nextToken() != JsonToken.END_OBJECT) {
      var key = parser.currentName();
      path.enterPart(key);
      checked(key);
      if (!seen.add(key)) {
        keyTwice();
      }
      parser.nextToken();
      passOver();
      path.leave();
    }
  }

  private void passOverArray() {
    if (isTooDeep()) {
      return;
    }
    path.enterList();
    for (var i = 0; parser.nextToken() != JsonToken.END_ARRAY; i++) {
      path.at(i);
      passOver();
      path.between();
    }
    path.leave();
  }

  /** The text as it is taken, with what is wrong in it told. */
  public String checked(String text) {
    if (text.length() > MOST_CHARACTERS) {
      faults.add(
          path.pointer(), "the text is longer than 4,000 characters", "at most 4,000 characters");
      return text;
    }
    var unfit = CleanText.fault(text);
    if (unfit != null) {
      faults.add(path.pointer(), unfit.message(), unfit.expected());
    }
    return CleanText.composed(text);
  }
}
