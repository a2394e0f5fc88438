package civitane.core.identity;

import org.jspecify.annotations.Nullable;

/**
 * What is wrong with a machine-readable zone.
 *
 * @param why {@link Why#ZONE_CHARACTERS}, {@link Why#ZONE_SHAPE} or {@link Why#ZONE_DIGIT}
 * @param part where the wrong check digit is; null for the other two
 * @param digit the digit that is there
 * @param right the one that would be right
 */
public record ZoneFault(Why why, @Nullable ZonePart part, char digit, int right) {

  static ZoneFault of(Why why) {
    return new ZoneFault(why, null, ' ', 0);
  }

  static ZoneFault digit(ZonePart part, char digit, int right) {
    return new ZoneFault(Why.ZONE_DIGIT, part, digit, right);
  }
}
