package civitane.core.facts;

import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** Keys are found at their places, however many there are and however much they look alike. */
public class KeysTest {
  @Test
  public void eachIsAtItsPlaceAndNoOtherIs() {
    for (var size : new int[] {0, 1, 2, 3, 7, 8, 9, 64, 1_000}) {
      var told = IntStream.range(0, size).mapToObj(i -> "key" + i).toList();
      var keys = Keys.of(told);
      assertEquals(keys.size(), size);
      assertEquals(keys.inOrder(), told);
      for (var place = 0; place < size; place++) {
        // A text of its own, not the one that was told.
        assertEquals(keys.place(new String("key" + place)), place);
      }
      assertEquals(keys.place("key" + size), -1);
      assertEquals(keys.place(""), -1);
    }
  }

  @Test
  public void thoseOfTheSameHashAreToldApart() {
    var alike = List.of("AaAa", "BBBB", "AaBB", "BBAa");
    assertEquals(alike.stream().map(String::hashCode).distinct().count(), 1);
    var keys = Keys.of(alike);
    for (var key : alike) {
      assertEquals(keys.place(key), alike.indexOf(key));
    }
  }

  @Test
  public void oneThatIsThereTwiceIsRefused() {
    var told = expectThrows(IllegalArgumentException.class, () -> Keys.of(List.of("a", "b", "a")));
    assertTrue(told.getMessage().endsWith("a"), told.getMessage());
  }
}
