package civitane.packet;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes of something that is right something that may not be, in a way that comes again by its seed: bytes turned, left out,
 * doubled and put in; or, of a packet, values in the place of others that are of the right kind and strange.
 */
public final class Mangling {
  /** How many are tried of each kind; more of them by hand, as in {@code -Dcivitane.mangled=200000}. */
  public static final int MANY = Integer.getInteger("civitane.mangled", 600);

  private static final JsonMapper JSON = JsonMapper.builder().build();

  private static final String[] BITS = {
    "{",
    "}",
    "[",
    "]",
    "\"",
    ",",
    ":",
    "null",
    "true",
    "-",
    "1e999",
    "-0",
    "0.005",
    "99999999.99",
    "\\u0000",
    "\\ud83d",
    "2026-02-29",
    "9999-12-31",
    "0001-01-01",
    "<<",
    "%PDF",
    "endobj",
    "\u202e",
    "\u0660",
    "ﷺ",
    "\n",
    "\t",
    ";",
    "=1+1"
  };

  private static final String[] VALUES = {
    "0",
    "-1",
    "0.01",
    "1234567.89",
    "99999999.99",
    "1e3",
    "true",
    "false",
    "null",
    "\"\"",
    "\" \"",
    "[]",
    "{}",
    "\"2024-02-29\"",
    "\"1900-01-01\"",
    "\"2026-11-23\"",
    "\"2031-12-31\"",
    "\"2026-08\"",
    "\"p1\"",
    "\"p2\"",
    "\"p9\"",
    "\"i1\"",
    "\"wages\"",
    "\"weekly\"",
    "\"once\"",
    "\"spouse\"",
    "\"child\"",
    "\"lodger\"",
    "12",
    "64",
    "120",
    "\"Ångström-Ðorđević\"",
    "\"أحمد\""
  };

  private final Random chance;

  public Mangling(long seed) {
    this.chance = new Random(seed);
  }

  /** A few changes of bytes. */
  public byte[] bytes(byte[] right) {
    var bytes = right;
    for (var n = 1 + chance.nextInt(5); n > 0 && bytes.length > 0; n--) {
      bytes = changed(bytes);
    }
    return bytes;
  }

  private byte[] changed(byte[] bytes) {
    var at = chance.nextInt(bytes.length);
    var until = Math.min(bytes.length, at + 1 + chance.nextInt(1 + chance.nextInt(64)));
    var out = new ByteArrayOutputStream();
    out.write(bytes, 0, at);
    switch (chance.nextInt(5)) {
      case 0 -> {
        out.write(bytes[at] ^ 1 << chance.nextInt(8));
        out.write(bytes, at + 1, bytes.length - at - 1);
      }
      case 1 -> out.write(bytes, until, bytes.length - until);
      case 2 -> {
        out.write(bytes, at, until - at);
        out.write(bytes, at, bytes.length - at);
      }
      case 3 -> {
        out.writeBytes(BITS[chance.nextInt(BITS.length)].getBytes(StandardCharsets.UTF_8));
        out.write(bytes, at, bytes.length - at);
      }
      default -> {
        // Cut off.
      }
    }
    return out.toByteArray();
  }

  /** The same packet with other values at some places; what stands there is of a kind that stands somewhere. */
  public JsonNode values(JsonNode right) {
    var packet = right.deepCopy();
    for (var n = 1 + chance.nextInt(4); n > 0; n--) {
      var places = new ArrayList<Runnable>();
      collect(packet, places);
      if (!places.isEmpty()) {
        places.get(chance.nextInt(places.size())).run();
      }
    }
    return packet;
  }

  private void collect(JsonNode node, List<Runnable> places) {
    if (node instanceof ObjectNode object) {
      for (var key : List.copyOf(object.propertyNames())) {
        places.add(() -> object.set(key, other(object.get(key))));
        places.add(() -> object.remove(key));
        collect(object.get(key), places);
      }
    } else if (node instanceof ArrayNode array) {
      for (var i = 0; i < array.size(); i++) {
        var at = i;
        places.add(() -> array.set(at, other(array.get(at))));
        places.add(() -> array.add(array.get(at).deepCopy()));
        places.add(() -> array.remove(at));
        collect(array.get(i), places);
      }
    }
  }

  private JsonNode other(JsonNode was) {
    if (was != null && was.isNumber() && chance.nextBoolean()) {
      return JSON.getNodeFactory().numberNode(chance.nextInt(100_000) / 100.0);
    }
    return JSON.readTree(VALUES[chance.nextInt(VALUES.length)]);
  }

  /** Something typed: bits of what is right and of what is not. */
  public String text(String... right) {
    var text = new StringBuilder();
    for (var n = chance.nextInt(4); n >= 0; n--) {
      text.append(
          chance.nextBoolean() && right.length > 0
              ? right[chance.nextInt(right.length)]
              : BITS[chance.nextInt(BITS.length)]);
    }
    return text.toString();
  }

  public int below(int limit) {
    return chance.nextInt(limit);
  }
}
