package civitane.packet.json;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import tools.jackson.core.JsonParser;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.TokenStreamFactory;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.util.JsonRecyclerPools;

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
    var plain = true;
    for (var one : bytes) {
      if (one <= 0) {
        if (one == 0) {
          // Text of two or four bytes a character has such bytes, and must not be taken for JSON
          // unasked.
          faults.add("", "there is a byte of value 0 in it", "text encoded as UTF-8");
          return false;
        }
        plain = false;
      }
    }
    if (!plain && !isUtf8(bytes)) {
      faults.add("", "the bytes are not UTF-8", "text encoded as UTF-8");
      return false;
    }
    return true;
  }

  private static boolean isUtf8(byte[] bytes) {
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

  /** A reader of a stretch of the bytes. */
  public static JsonParser parser(byte[] bytes, int from, int length) {
    return JSON.createParser(ObjectReadContext.empty(), bytes, from, length);
  }
}
