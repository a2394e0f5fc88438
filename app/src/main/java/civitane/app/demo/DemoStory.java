package civitane.app.demo;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * A made-up household at a stage of its story.
 *
 * @param daysAgo when it came to the desk
 * @param upTo {@code draft}, {@code lodged}, {@code taken} or {@code decided}
 * @param caseworker who took it up
 * @param taking how it was taken, beside the facts; null where there is nothing to say
 * @param papers what was handed in when it was taken up
 * @param acts what was done since
 * @param changes what was reported as changed since; null where nothing was
 */
record DemoStory(
    String name,
    int daysAgo,
    String upTo,
    String caseworker,
    @Nullable JsonNode taking,
    List<MadePaper> papers,
    List<DemoAct> acts,
    @Nullable List<DemoChange> changes,
    JsonNode packet) {

  DemoStory {
    papers = papers == null ? List.of() : papers;
    acts = acts == null ? List.of() : acts;
  }

  /**
   * A change that was reported: when, from which day on, how, and what is set in the facts by where it stands.
   *
   * @param papers what was handed in for it
   * @param answer what the household said when it was told that it would get less; null where nothing is less
   */
  record DemoChange(
      int daysAgo,
      String on,
      String told,
      Map<String, JsonNode> set,
      List<MadePaper> papers,
      @Nullable String answer) {

    DemoChange {
      papers = papers == null ? List.of() : papers;
    }
  }
}
