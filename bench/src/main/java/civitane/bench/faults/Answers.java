package civitane.bench.faults;

import java.util.List;
import java.util.Locale;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.Predicate;

/** What came of everything that was asked, and how long it took. */
final class Answers {
  private static final double NANOS_A_SECOND = 1e9;

  /** What came of an asking. */
  enum Outcome {
    DONE,
    /** It was said that it can't be done now, and when to try again. */
    LATER,
    /** The node was gone. */
    LOST,
    /** Anything else: none is expected. */
    WRONG
  }

  /**
   * One asking.
   *
   * @param writes whether it changes something
   * @param at when it was asked, in nanoseconds
   */
  record Answer(boolean writes, Outcome outcome, long at, long took, String what) {
    boolean isDone() {
      return outcome == Outcome.DONE;
    }
  }

  private final ConcurrentLinkedQueue<Answer> all = new ConcurrentLinkedQueue<>();

  void add(Answer answer) {
    all.add(answer);
  }

  List<String> wrong() {
    return all.stream()
        .filter(one -> one.outcome() == Outcome.WRONG)
        .map(Answer::what)
        .distinct()
        .limit(10)
        .toList();
  }

  /** How many seconds after a moment something was changed again; and how long the longest answer took before. */
  String line(String what, long from, long mended, long until) {
    var during =
        all.stream().filter(one -> one.at() >= from && one.at() < until).toList();
    var back = during.stream()
        .filter(one -> one.writes() && one.isDone() && one.at() + one.took() >= mended)
        .mapToLong(one -> Math.max(0, one.at() + one.took() - mended))
        .min()
        .orElse(-1);
    var took = during.stream().mapToLong(Answer::took).sorted().toArray();
    return String.format(
        Locale.ROOT,
        "%-22s asked=%d done=%d later=%d lost=%d wrong=%d p50=%.2fs p99=%.2fs longest=%.2fs over5s=%d back=%.1fs",
        what,
        during.size(),
        count(during, one -> one.outcome() == Outcome.DONE),
        count(during, one -> one.outcome() == Outcome.LATER),
        count(during, one -> one.outcome() == Outcome.LOST),
        count(during, one -> one.outcome() == Outcome.WRONG),
        seconds(took.length == 0 ? 0 : took[took.length / 2]),
        seconds(took.length == 0 ? 0 : took[took.length * 99 / 100]),
        seconds(took.length == 0 ? 0 : took[took.length - 1]),
        count(during, one -> one.took() > 5 * NANOS_A_SECOND),
        back < 0 ? Double.NaN : seconds(back));
  }

  private static long count(List<Answer> answers, Predicate<Answer> which) {
    return answers.stream().filter(which).count();
  }

  private static double seconds(long nanos) {
    return nanos / NANOS_A_SECOND;
  }
}
