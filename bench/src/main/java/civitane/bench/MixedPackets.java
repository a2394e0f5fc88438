package civitane.bench;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import tools.jackson.databind.node.ObjectNode;

/** Writes packets of all services to a file, one a line: the worked cases over and over, each with other incomes and names. */
public final class MixedPackets {
  private static final String[] NAMES = {
    "Tamsett", "Mäkinen-Daré", "O'Malley", "Haddad", "Brankovic", "Nguyễn", "Sesay-Holm", "Al-Masri"
  };
  private static final int SEED = 29;
  private static final int MOST_CENTS_MORE = 5_000;

  private MixedPackets() {}

  /** How many, and the file. */
  public static void main(String[] arguments) throws IOException {
    write(Integer.parseInt(arguments[0]), Path.of(arguments[1]));
  }

  static void write(int count, Path file) throws IOException {
    var cases = WorkedCases.all();
    var random = new Random(SEED);
    try (var out = Files.newBufferedWriter(file)) {
      for (var i = 0; i < count; i++) {
        var packet =
            (ObjectNode) cases.get(random.nextInt(cases.size())).packet().deepCopy();
        vary(packet, random);
        out.write(WorkedCases.JSON.writeValueAsString(packet));
        out.write('\n');
      }
    }
  }

  private static void vary(ObjectNode packet, Random random) {
    var household = packet.get("household");
    var name = NAMES[random.nextInt(NAMES.length)];
    household.get("people").forEach(person -> ((ObjectNode) person).put("familyName", name));
    household.path("incomes").forEach(income -> {
      if (income.path("amount").isNumber()) {
        var more = BigDecimal.valueOf(random.nextInt(MOST_CENTS_MORE), 2);
        ((ObjectNode) income).put("amount", income.get("amount").decimalValue().add(more));
      }
    });
  }
}
