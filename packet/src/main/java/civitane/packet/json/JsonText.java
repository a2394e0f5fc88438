package civitane.packet.json;

import java.util.HashSet;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/** What every value in a document must be like, whatever it stands for: not too deep, no key twice, no text too long. */
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

  public String checked(String text) {
    if (text.length() > MOST_CHARACTERS) {
      faults.add(
          path.pointer(), "the text is longer than 4,000 characters", "at most 4,000 characters");
      return text;
    }
    for (var i = 0; i < text.length(); i++) {
      var character = text.charAt(i);
      if (character < ' ' || character >= 0x7F && character < 0xA0) {
        faults.add(
            path.pointer(), "the text has a control character", "text without control characters");
        return text;
      }
      if (Character.isSurrogate(character)) {
        if (Character.isHighSurrogate(character)
            && i + 1 < text.length()
            && Character.isLowSurrogate(text.charAt(i + 1))) {
          i++;
        } else {
          faults.add(path.pointer(), "the text has half of a character", "whole characters");
          return text;
        }
      }
    }
    return text;
  }
}
