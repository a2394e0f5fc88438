package civitane.app.door;

import java.util.List;

/**
 * What a household puts right, looked over before it is sent.
 *
 * @param stated what is stated by signing it
 */
record DoorCorrection(List<DoorChange> changes, List<DoorUnread> unread, List<String> stated) {

  /**
   * What is asked about, as it was told and as it will be.
   *
   * @param same whether it stays as it was told
   */
  record DoorChange(int item, String what, String before, String after, boolean same) {}

  /**
   * An answer that can't be read or is missing, and what would be right.
   *
   * @param name the question
   */
  record DoorUnread(int item, String name, String wrong) {}
}
