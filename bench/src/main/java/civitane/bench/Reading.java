package civitane.bench;

import civitane.core.rules.Result;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.util.List;

/** Reads all there is to read of results, as a person would who wants to know why. */
final class Reading {
  private static final Words WORDS = Words.in(Language.EN);

  private Reading() {}

  /** Something that depends on every sentence, need, change and line. */
  static int whole(List<Result> results) {
    var read = 0;
    for (var result : results) {
      for (var check : result.checks()) {
        read += WORDS.say(check.reasons(), Voice.DESK).length()
            + check.needs().size()
            + check.missing().size()
            + WORDS.say(check.changes(), Voice.DESK).length();
      }
      for (var note : result.notes()) {
        read += WORDS.say(note.reason(), Voice.DESK).length();
      }
      for (var line : result.working()) {
        read += WORDS.say(line.label(), Voice.DESK).length()
            + WORDS.say(line.value()).length();
      }
      for (var award : result.awards()) {
        read += WORDS.award(result.service(), award).length();
      }
    }
    return read;
  }
}
