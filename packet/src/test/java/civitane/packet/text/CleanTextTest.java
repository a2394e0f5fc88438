package civitane.packet.text;

import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertSame;

/** What is read is what is there: no text gets in with something in it that nobody sees. */
public class CleanTextTest {

  @DataProvider
  public Object[][] unfit() {
    return new Object[][] {
      {"a bell", "Oluchi\u0007"},
      {"a nought", "\u0000"},
      {"the delete key", "Tam\u007Fsett"},
      {"a second sort of control", "Tam\u0085sett"},
      {"turned round", "12\u202E34"},
      {"embedded", "\u202A0555 016 220\u202C"},
      {"set apart", "\u2066Oluchi\u2069"},
      {"half of one", "Olu\uD83D"},
      {"the wrong half first", "\uDE00\uD83D"},
      {"no character", "a\uFFFE"},
      {"no character of the first plane", "\uFDD0"},
      {"no character of the last plane", new String(Character.toChars(0x10FFFF))},
    };
  }

  @Test(dataProvider = "unfit")
  public void whatNobodySeesIsRefused(String what, String text) {
    assertNotNull(CleanText.fault(text), what);
    assertNotNull(CleanText.faultOfLines(text), what);
  }

  @Test
  public void whatIsWrittenByPeopleIsTaken() {
    for (var text : new String[] {
      "",
      "Ilse Ødegård-Nkemelu",
      "أولوتشي",
      "می\u200Cخواهم",
      "‏0555 016 220",
      "😀 👩‍👧",
      "François",
      "１２"
    }) {
      assertNull(CleanText.fault(text), text);
    }
  }

  @Test
  public void linesMayBeSeveralOnlyWhereTheyMayBe() {
    assertNotNull(CleanText.fault("one\ntwo"));
    assertNull(CleanText.faultOfLines("one\r\n\ttwo"));
  }

  @Test
  public void whatLooksAlikeIsAlike() {
    assertEquals(CleanText.composed("Odega\u030Ard"), "Odegård");
    assertEquals(CleanText.composed("A\u0308"), "Ä");
    var plain = "Tamsett";
    assertSame(CleanText.composed(plain), plain);
  }

  /** What was composed once stays as it is, and what was fit is fit when it was composed. */
  @Test
  public void composingIsDoneOnce() {
    var random = new Random(20_261_128);
    for (var i = 0; i < 20_000; i++) {
      var text = random
          .ints(random.nextInt(12), 0x20, 0x3000)
          .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
          .toString();
      var composed = CleanText.composed(text);
      assertEquals(CleanText.composed(composed), composed);
      if (CleanText.fault(text) == null) {
        assertNull(CleanText.fault(composed), text);
      }
    }
  }
}
