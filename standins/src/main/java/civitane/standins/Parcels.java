package civitane.standins;

import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Who owns what: by the number, by the owner, or by a part of the address or the number. */
final class Parcels implements Register {
  private static final String SOUGHT = "sought";
  private static final int MOST_FOUND = 12;
  private static final int LEAST_TYPED = 3;

  private final Table table = Table.named("parcels");

  @Override
  public List<Map<String, String>> rows() {
    return table.rows();
  }

  @Override
  public List<Map<String, String>> answer(Map<String, String> question) {
    return question.containsKey(SOUGHT)
        ? find(plain(question.get(SOUGHT)))
        : table.answer(question);
  }

  private List<Map<String, String>> find(String sought) {
    return sought.length() < LEAST_TYPED
        ? List.of()
        : table.rows().stream()
            .filter(row -> plain(row.get("line1") + row.get("town")).contains(sought)
                || plain(row.getOrDefault("number", "")).equals(sought))
            .limit(MOST_FOUND)
            .toList();
  }

  private static String plain(String text) {
    return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
  }
}
