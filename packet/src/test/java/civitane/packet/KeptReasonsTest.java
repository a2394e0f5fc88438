package civitane.packet;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.util.Iterator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** A reason that was kept says the same as the one that was found, in every language. */
public class KeptReasonsTest {
  private static final RateShelf RATES = RateShelf.shipped();
  private static final PacketReader READER = new PacketReader(RATES);
  private static final Screening SCREENING = new Screening(RATES);

  @DataProvider
  public static Iterator<Object[]> cases() {
    return Cases.withResults();
  }

  @Test(dataProvider = "cases")
  public void saysTheSame(Cases.Case one) {
    for (var result : SCREENING.of(READER.read(one.packet()).packet(), Mode.DETERMINE)) {
      for (var check : result.checks()) {
        var kept = KeptReasons.read(KeptReasons.written(check.reasons()));
        for (var language : Language.values()) {
          for (var voice : Voice.values()) {
            var words = Words.in(language);
            assertEquals(words.say(kept, voice), words.say(check.reasons(), voice));
          }
        }
      }
    }
  }
}
