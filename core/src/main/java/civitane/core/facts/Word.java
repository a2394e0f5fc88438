package civitane.core.facts;

import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A word of a closed vocabulary: an enum constant, written in packets as in {@code fosterChild}. */
public interface Word {

  /** The constant's own name, as in {@code FOSTER_CHILD}. */
  String name();

  /** The word as packets write it. */
  default String word() {
    return Vocabulary.of(this).written(((Enum<?>) this).ordinal());
  }

  /** The question that it stands under where its vocabulary is asked in several; null where it is asked in one. */
  default @Nullable Word under() {
    return null;
  }

  /** The answers to another question with which it makes sense; empty where it always does. */
  default Set<? extends Word> onlyWith() {
    return Set.of();
  }

  /** The vocabulary it belongs to, as in {@code role}. */
  default String vocabulary() {
    return Vocabulary.of(this).name();
  }
}
