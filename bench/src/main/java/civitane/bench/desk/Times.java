package civitane.bench.desk;

import java.util.Arrays;
import java.util.Locale;

/** How long the askings of one kind took, in milliseconds. */
record Times(double[] sorted) {
  private static final double NANOS_A_MILLI = 1e6;

  static Times of(long[] nanos) {
    return new Times(
        Arrays.stream(nanos).mapToDouble(one -> one / NANOS_A_MILLI).sorted().toArray());
  }

  /** The time that so many of a hundred askings did not take longer than. */
  double percentile(int percent) {
    return sorted[Math.min(sorted.length - 1, sorted.length * percent / 100)];
  }

  /** A line that tells them. */
  String line(String what) {
    return String.format(
        Locale.ROOT,
        "%s p50=%.1f p95=%.1f asked=%d",
        what,
        percentile(50),
        percentile(95),
        sorted.length);
  }

  /** The same beside those of the bare SQL. */
  String line(String what, Times bare) {
    return String.format(
        Locale.ROOT,
        "%s bare-p50=%.1f bare-p95=%.1f",
        line(what),
        bare.percentile(50),
        bare.percentile(95));
  }
}
