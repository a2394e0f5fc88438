package civitane.app.checking;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is held against what for a claim, and which registers were asked.
 *
 * @param unasked whom nobody asked yet, though somebody allows it
 * @param mayAllow what somebody could allow and does not
 * @param allowed what somebody allows
 * @param againAt when those that did not answer are asked again; null where all did
 */
record CheckingView(
    List<Compared> comparisons,
    List<AskedRegister> registers,
    List<String> unasked,
    List<MayAllow> mayAllow,
    List<MayAllow> allowed,
    @Nullable Instant againAt) {

  /**
   * Two things side by side.
   *
   * @param seen what stands for what both say, to be sent back with what is done about it
   * @param source whose word stands on the other side
   * @param why what does not agree; null where it does
   */
  record Compared(
      String key,
      String seen,
      String what,
      String whose,
      String said,
      String found,
      String source,
      String verdict,
      String verdictWords,
      @Nullable String why,
      @Nullable SettledBy settled) {}

  /** What was done about it: {@code accepted} or {@code asked}. */
  record SettledBy(String how, String because, String by, Instant at) {}

  /**
   * Whom somebody allows to be asked, or could.
   *
   * @param person by their id in the claim's packet
   */
  record MayAllow(String person, String name, String to) {}

  /** That a register was asked about somebody, and when it answered. */
  record AskedRegister(
      String register,
      String whose,
      String by,
      Instant askedAt,
      @Nullable Instant triedAt,
      @Nullable Instant answeredAt) {}
}
