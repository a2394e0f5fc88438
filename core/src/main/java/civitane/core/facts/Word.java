package civitane.core.facts;

/** A value from a closed vocabulary, with the word it has in a packet. */
public interface Word {

  /** The word as a packet writes it, as in {@code residentCarer}. */
  String word();
}
