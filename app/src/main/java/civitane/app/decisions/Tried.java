package civitane.app.decisions;

import civitane.app.catalogue.DeskWords;
import civitane.app.determining.ResultView;
import civitane.core.rules.Check;
import civitane.core.rules.Result;
import civitane.core.rules.ResultChange;
import civitane.words.Voice;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a claim comes to otherwise, beside what it comes to.
 *
 * @param before as the facts are, or were
 * @param after with what is otherwise
 * @param checks those that come out otherwise
 */
record Tried(Comes before, Comes after, List<TriedCheck> checks) {

  /**
   * What facts come to.
   *
   * @param outcome entitled, notEntitled or unknown
   * @param awards what is granted, in words
   */
  record Comes(String outcome, List<String> awards) {
    static Comes to(Result result) {
      return new Comes(result.outcome().word(), ResultView.awards(result));
    }
  }

  /**
   * A check that comes out otherwise.
   *
   * @param before how it came out; null where it was not made
   * @param after how it comes out; null where it is not made any more
   * @param because its sentence now
   */
  record TriedCheck(
      String id,
      String label,
      @Nullable String before,
      @Nullable String after,
      String because) {}

  static Tried of(ResultChange change) {
    var service = change.after().service();
    return new Tried(
        Comes.to(change.before()),
        Comes.to(change.after()),
        change.checks().stream()
            .map(one -> new TriedCheck(
                one.id(),
                DeskWords.WORDS.check(service, one.id()),
                outcome(one.before()),
                outcome(one.after()),
                one.after() == null ? "" : DeskWords.WORDS.say(one.after().reasons(), Voice.DESK)))
            .toList());
  }

  private static @Nullable String outcome(@Nullable Check check) {
    return check == null ? null : check.outcome().word();
  }
}
