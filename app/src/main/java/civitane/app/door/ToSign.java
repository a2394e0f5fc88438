package civitane.app.door;

import civitane.app.lodging.ReadThrough;
import java.util.List;

/**
 * What somebody reads who was asked to sign, in the language they read.
 *
 * @param asks who asks them, and for what, in words
 * @param name as which they sign
 * @param statements what they say by signing
 * @param mayAsk whom they may allow to be asked about themselves
 * @param signed whether they have
 */
record ToSign(
    String asks,
    String name,
    List<ReadThrough.Section> sections,
    List<String> statements,
    DoorForm.DoorMayAsk mayAsk,
    boolean signed) {}
