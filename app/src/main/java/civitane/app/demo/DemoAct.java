package civitane.app.demo;

import civitane.app.corrections.Finding;
import java.time.LocalTime;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * What was done at the desk in a made-up household's story.
 *
 * @param daysAgo when it was done
 * @param pointer where in the claim's facts, for what is found or comes in
 * @param finding what is found wrong there
 * @param value what comes in
 * @param because in the caseworker's words, where a reason is told
 * @param days how many days the household has, or until they are met, from then
 * @param at the time they are met at
 */
record DemoAct(
    int daysAgo,
    Doing does,
    @Nullable String pointer,
    @Nullable Finding finding,
    @Nullable JsonNode value,
    @Nullable MadePaper paper,
    @Nullable String because,
    @Nullable Integer days,
    @Nullable LocalTime at) {

  /** What can be done. */
  enum Doing {
    BRING,
    FIND,
    ASK,
    ANSWER,
    MORE_TIME,
    MEET
  }
}
