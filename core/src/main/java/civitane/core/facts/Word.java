package civitane.core.facts;

/** A word of a closed vocabulary: an enum constant, written in packets as in {@code fosterChild}. */
public interface Word {

  /** The constant's own name, as in {@code FOSTER_CHILD}. */
  String name();

  /** The word as packets write it. */
  default String word() {
    return Vocabulary.of(this).written(((Enum<?>) this).ordinal());
  }

  /** The vocabulary it belongs to, as in {@code role}. */
  default String vocabulary() {
    return Vocabulary.of(this).name();
  }
}
