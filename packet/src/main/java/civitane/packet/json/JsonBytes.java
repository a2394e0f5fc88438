package civitane.packet.json;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.List;
import tools.jackson.core.JsonParser;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.TokenStreamFactory;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.sym.PropertyNameMatcher;
import tools.jackson.core.util.JsonRecyclerPools;
import tools.jackson.core.util.Named;

/** Bytes that nobody vouches for, looked at before they are read as JSON (RFC 8259). */
public final class JsonBytes {
  public static final int MOST = 1_000_000;

  private static final JsonFactory JSON = JsonFactory.builder()
      .recyclerPool(JsonRecyclerPools.threadLocalPool())
      // The keys of a packet are few, and found faster when each is there once.
      .enable(TokenStreamFactory.Feature.INTERN_PROPERTY_NAMES)
      .build();

  private JsonBytes() {}

  /** Whether they may be read at all: not too many, and text in UTF-8. */
  public static boolean areFit(byte[] bytes, Faults faults) {
    if (bytes.length > MOST) {
      faults.add("", "the packet is larger than 1 MB", "at most 1,000,000 bytes");
      return false;
    }
    var first = bytes.length;
    var last = -1;
    for (var i = 0; i < bytes.length; i++) {
      if (bytes[i] <= 0) {
        if (bytes[i] == 0) {
          // Text of two or four bytes a character has such bytes, and must not be taken for JSON
          // unasked.
          faults.add("", "there is a byte of value 0 in it", "text encoded as UTF-8");
          return false;
        }
        first = Math.min(first, i);
        last = i;
      }
    }
    // What lies before and behind is one byte a character.
    if (last >= 0 && !isUtf8(ByteBuffer.wrap(bytes, first, last + 1 - first))) {
      faults.add("", "the bytes are not UTF-8", "text encoded as UTF-8");
      return false;
    }
    return true;
  }

  private static boolean isUtf8(ByteBuffer bytes) {
    try {
      StandardCharsets.UTF_8
          .newDecoder()
          .onMalformedInput(CodingErrorAction.REPORT)
          .onUnmappableCharacter(CodingErrorAction.REPORT)
          .decode(bytes);
      return true;
    } catch (CharacterCodingException e) {
      return false;
    }
  }

  /** A reader of a stretch of the bytes. */
  public static JsonParser parser(byte[] bytes, int from, int length) {
    return JSON.createParser(ObjectReadContext.empty(), bytes, from, length);
  }

  /** What tells names apart by their bytes, and gives the place of each. */
  public static PropertyNameMatcher namesOf(List<String> names) {
    return JSON.constructNameMatcher(names.stream().map(Named::fromString).toList(), false);
  }
}
