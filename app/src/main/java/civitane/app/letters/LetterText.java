package civitane.app.letters;

import java.util.List;

/**
 * What a letter says.
 *
 * @param about the number the letter is about; one letter of a kind a number
 * @param paragraphs in the order they are read
 * @param reasons one sentence each, for decisions
 * @param figures label and number, for what is paid or priced
 */
public record LetterText(
    String kind,
    String about,
    String title,
    String to,
    List<String> address,
    List<String> paragraphs,
    List<String> reasons,
    List<Figure> figures,
    List<String> closing) {

  /** A line with a label and what belongs to it. */
  public record Figure(String label, String value) {}
}
