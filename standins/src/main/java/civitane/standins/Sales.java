package civitane.standins;

import java.util.List;
import java.util.Map;

/** What was sold near a postcode. */
final class Sales implements Register {
  private static final int MOST = 40;

  /** Streets of the same parish are near one another: the first three letters of their postcodes are the same. */
  private static final int NEIGHBOURHOOD = 3;

  private final Table table = Table.named("sales");

  @Override
  public List<Map<String, String>> rows() {
    return table.rows();
  }

  @Override
  public List<Map<String, String>> answer(Map<String, String> question) {
    var near = near(question.getOrDefault("near", ""));
    return table.rows().stream()
        .filter(sale -> near(sale.getOrDefault("postcode", "")).equals(near))
        .limit(MOST)
        .toList();
  }

  private static String near(String postcode) {
    return postcode.substring(0, Math.min(NEIGHBOURHOOD, postcode.length()));
  }
}
