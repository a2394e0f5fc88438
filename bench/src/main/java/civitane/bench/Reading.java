package civitane.bench;

import civitane.core.rules.Result;
import java.util.List;

/** Reads all there is to read of results, as a person would who wants to know why. */
final class Reading {
  private Reading() {}

  /** Something that depends on every sentence, need, change and line. */
  static int whole(List<Result> results) {
    var read = 0;
    for (var result : results) {
      for (var test : result.tests()) {
        var change = test.change();
        read += test.because().length()
            + test.needs().size()
            + test.missing().size()
            + (change == null ? 0 : change.length());
      }
      for (var note : result.notes()) {
        read += note.text().length();
      }
      read += result.working().size() + result.amounts().size();
    }
    return read;
  }
}
