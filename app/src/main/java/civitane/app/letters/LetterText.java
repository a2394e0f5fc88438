package civitane.app.letters;

import civitane.words.Language;
import java.util.List;

/**
 * What a letter says.
 *
 * @param about the number the letter is about
 * @param occasion which of its kind about this number, from 1; there is one letter for each
 * @param way how it goes; in the post where nothing is said of it, as of letters that were written before it was
 * @param large whether whoever gets it reads large print
 * @param paragraphs in the order they are read
 * @param granted what the household gets, one line each
 * @param reasons one sentence each, for decisions
 * @param figures label and number, for what is paid or priced, and for what comes when
 * @param closing what happens next, or what can be done
 * @param told what was told, for receipts
 * @param sheets one for each paper that is asked for
 */
public record LetterText(
    String kind,
    String about,
    int occasion,
    Language language,
    String title,
    String to,
    List<String> address,
    LetterWay way,
    boolean large,
    List<String> paragraphs,
    List<String> granted,
    List<String> reasons,
    List<Figure> figures,
    List<String> closing,
    List<Figure> told,
    List<ReplySheet> sheets) {

  public LetterText {
    way = way == null ? LetterWay.POST : way;
  }

  /**
   * A sheet to be laid on top of a paper that comes back by post.
   *
   * @param item which item of the claim it answers
   * @param what is to lie behind it
   */
  public record ReplySheet(int item, String what) {}

  /** A line with a label and what belongs to it. */
  public record Figure(String label, String value) {}
}
