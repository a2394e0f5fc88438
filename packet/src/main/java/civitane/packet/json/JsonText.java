package civitane.packet.json;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.util.JsonRecyclerPools;

/**
 * Reads JSON (RFC 8259) that nobody vouches for into maps, lists, texts, exact decimals and flags.
 *
 * <p>What is wrong becomes a fault with its place: a key twice, a text too long or with control characters, nesting too
 * deep, bytes that are not UTF-8, text that is not JSON.
 */
public final class JsonText {
  public static final int MOST_BYTES = 1_000_000;
  public static final int MOST_CHARACTERS = 4_000;
  public static final int DEEPEST = 32;

  private static final JsonFactory JSON =
      JsonFactory.builder().recyclerPool(JsonRecyclerPools.threadLocalPool()).build();

  private final Faults faults;
  private final Path path = new Path();

  private JsonText(Faults faults) {
    this.faults = faults;
  }

  /** Reads one document; null when it is not JSON at all. */
  public static @Nullable Object read(byte[] bytes, Faults faults) {
    if (bytes.length > MOST_BYTES) {
      faults.add("", "the packet is larger than 1 MB", "at most 1,000,000 bytes");
      return null;
    }
    if (hasZero(bytes)) {
      // Text of two or four bytes a character has such bytes, and must not be taken for JSON
      // unasked.
      faults.add("", "there is a byte of value 0 in it", "text encoded as UTF-8");
      return null;
    }
    if (!isUtf8(bytes)) {
      faults.add("", "the bytes are not UTF-8", "text encoded as UTF-8");
      return null;
    }
    return new JsonText(faults).document(bytes);
  }

  private static boolean hasZero(byte[] bytes) {
    for (var one : bytes) {
      if (one == 0) {
        return true;
      }
    }
    return false;
  }

  private static boolean isUtf8(byte[] bytes) {
    if (isPlain(bytes)) {
      return true;
    }
    try {
      StandardCharsets.UTF_8
          .newDecoder()
          .onMalformedInput(CodingErrorAction.REPORT)
          .onUnmappableCharacter(CodingErrorAction.REPORT)
          .decode(ByteBuffer.wrap(bytes));
      return true;
    } catch (CharacterCodingException e) {
      return false;
    }
  }

  /** Whether every byte is a character of its own, as most packets are. */
  private static boolean isPlain(byte[] bytes) {
    for (var one : bytes) {
      if (one < 0) {
        return false;
      }
    }
    return true;
  }

  private @Nullable Object document(byte[] text) {
    try (var parser = JSON.createParser(tools.jackson.core.ObjectReadContext.empty(), text)) {
      if (parser.nextToken() == null) {
        faults.add("", "there is nothing here", "a packet, which is a JSON object");
        return null;
      }
      var value = value(parser);
      if (parser.nextToken() != null) {
        faults.add("", "something follows the end of the packet", "one packet a line");
      }
      return value;
    } catch (JacksonException e) {
      var where = e.getLocation();
      var column = where == null
          ? ""
          : " (line " + where.getLineNr() + ", column " + where.getColumnNr() + ")";
      faults.add(
          path.pointer(), "the text is not JSON from here on" + column, "JSON as in RFC 8259");
      return null;
    }
  }

  private @Nullable Object value(JsonParser parser) {
    return switch (parser.currentToken()) {
      case START_OBJECT -> isTooDeep(parser) ? null : object(parser);
      case START_ARRAY -> isTooDeep(parser) ? null : array(parser);
      case VALUE_STRING -> checked(parser.getString());
      case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> parser.getDecimalValue();
      case VALUE_TRUE -> Boolean.TRUE;
      case VALUE_FALSE -> Boolean.FALSE;
      default -> null;
    };
  }

  private boolean isTooDeep(JsonParser parser) {
    if (path.depth() < DEEPEST) {
      return false;
    }
    faults.add(
        path.pointer(), "it is nested deeper than " + DEEPEST, "at most " + DEEPEST + " levels");
    parser.skipChildren();
    return true;
  }

  private Map<String, Object> object(JsonParser parser) {
    var object = new LinkedHashMap<String, Object>();
    var seen = 0;
    while (parser.nextToken() != JsonToken.END_OBJECT) {
      var key = parser.currentName();
      path.enter(key);
      checked(key);
      parser.nextToken();
      if (object.put(key, value(parser)) != null || object.size() == seen) {
        faults.add(path.pointer(), "the key is there twice", "each key once");
      }
      seen = object.size();
      path.leave();
    }
    return object;
  }

  private List<Object> array(JsonParser parser) {
    var array = new ArrayList<Object>();
    while (parser.nextToken() != JsonToken.END_ARRAY) {
      path.enter(array.size());
      array.add(value(parser));
      path.leave();
    }
    return array;
  }

  private String checked(String text) {
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
