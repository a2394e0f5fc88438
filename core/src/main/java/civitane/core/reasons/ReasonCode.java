package civitane.core.reasons;

import civitane.core.facts.Vocabulary;
import java.util.List;

/** Why something is so, without its numbers: an enum constant of the package that finds it. */
public interface ReasonCode {

  /** The constant's own name. */
  String name();

  /** What all codes of the enum are called by first: the service's word, or that of a package of the core. */
  String scope();

  /** What it is told with, in order. */
  List<Parameter> parameters();

  /** The code within its scope, as in {@code nothingOwed}. */
  default String key() {
    return Vocabulary.camel(name());
  }

  /** The code as it is kept and looked up, as in {@code rentRelief.nothingOwed}. */
  default String code() {
    return scope() + "." + key();
  }

  /** The reason with its values, which must be those that it is told with. */
  default Reason with(Argument... arguments) {
    return new Reason(this, List.of(arguments));
  }
}
