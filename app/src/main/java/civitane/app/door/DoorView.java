package civitane.app.door;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a household sees behind its door, in the language it reads: nothing is put together in the browser.
 *
 * @param allowed whom the applicant allows to be asked about them
 */
record DoorView(List<DoorClaim> claims, List<DoorAllowed> allowed) {

  /**
   * Somebody who may be asked.
   *
   * @param to who: {@code registers}, {@code employer}
   * @param until how long, in words; empty where no end was told
   */
  record DoorAllowed(String to, String words, String until) {}

  /**
   * A claim.
   *
   * @param line where it stands
   * @param worker who works on it; null while nobody does
   * @param stretches whose turn it has been, the first first
   */
  record DoorClaim(
      String number,
      String title,
      String line,
      @Nullable String worker,
      List<DoorStretch> stretches,
      List<DoorWanted> wanted,
      List<String> granted,
      @Nullable DoorAppeal appeal,
      List<DoorMessage> messages,
      List<DoorLetter> letters) {}

  /**
   * That what was decided can be appealed against.
   *
   * @param until by when, in words
   * @param late whether that day is over, so that it needs a reason
   * @param keeps whether more was granted before, which may be paid on until it is heard
   */
  record DoorAppeal(String until, boolean late, boolean keeps) {}

  /** A part of the turn line: {@code ours}, {@code household}, {@code thirdParty} or {@code over}, days, and both in words. */
  record DoorStretch(String turn, int days, String words) {}

  /**
   * Something that is wanted of the household.
   *
   * @param until by when, in words
   * @param paper whether a paper answers it
   * @param came whether something came for it that is being looked at
   * @param pages how many pages came so far, in words, while more may come behind them; empty else
   * @param signer whether it is that another grown-up signs
   * @param asked since when they are asked, in words; empty where they are not
   * @param asks the questions that answer it; empty where it is answered in words
   * @param told what was told to them so far, in words; empty where nothing was
   */
  record DoorWanted(
      int item,
      String words,
      String until,
      boolean paper,
      boolean came,
      String pages,
      boolean signer,
      String asked,
      List<DoorForm.DoorAsk> asks,
      String told) {}

  /**
   * Something that was written.
   *
   * @param ours whether the office wrote it
   * @param asWritten whether it is in another language than the reader's
   */
  record DoorMessage(boolean ours, String day, String text, boolean asWritten) {}

  /** A letter that went out. */
  record DoorLetter(UUID id, String title, String day) {}
}
