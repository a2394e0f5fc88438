package civitane.core.rules;

import civitane.core.facts.Word;
import civitane.core.reasons.Argument;
import java.util.List;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** What brought a household into arrears. */
public enum Hardship implements Word {
  ILLNESS,
  LOST_WORK,
  REDUCED_HOURS,
  CHILDCARE,
  SEPARATION,
  FLOOD,
  /** None of these: then words are wanted. */
  OTHER;

  /** At least one kind, and words where it is none of the listed ones. */
  public static Check check(
      Situation<?> it, String id, @Nullable List<Hardship> kinds, @Nullable String words) {
    var check = it.check(id)
        .needs("hardship", kinds)
        .doubtIf(kinds != null && kinds.isEmpty(), Why.HARDSHIP_NOT_NAMED::with);
    if (kinds != null && kinds.contains(OTHER)) {
      check.needs("hardshipText", words);
    }
    return check.orMet(() -> Why.HARDSHIP_NAMED.with(Argument.terms(known(kinds))));
  }
}
