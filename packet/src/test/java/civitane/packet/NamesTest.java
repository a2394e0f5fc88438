package civitane.packet;

import civitane.core.facts.Word;
import civitane.core.identity.Names;
import java.util.Iterator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** Names come out as near as the worked cases say, whichever comes first. */
public class NamesTest {

  @DataProvider
  public static Iterator<Object[]> pairs() {
    return Cases.in("names").stream().map(one -> new Object[] {one}).iterator();
  }

  @Test(dataProvider = "pairs")
  public void areAsNearAsExpected(Cases.Case pair) {
    var a = pair.json().get("a").stringValue();
    var b = pair.json().get("b").stringValue();
    var expected = pair.json().get("expected").stringValue();
    assertEquals(((Word) Names.compare(a, b)).word(), expected);
    assertEquals(((Word) Names.compare(b, a)).word(), expected);
  }
}
