package civitane.packet.json;

import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** Places are told as RFC 6901 writes them. */
public class PathTest {
  private static final List<String> NAMES = List.of("people", "a/b", "m~n");

  @Test
  public void everyPlaceHasItsPointer() {
    var path = new Path();
    assertEquals(path.pointer(), "");
    path.enter(NAMES);
    assertEquals(path.pointer(), "", "before the first part");
    path.at(0);
    path.enterList();
    path.at(12);
    path.enterPart("role");
    assertEquals(path.pointer(), "/people/12/role");
    assertEquals(path.depth(), 3);
    path.leave();
    assertEquals(path.pointer(), "/people/12");
    assertEquals(path.pointer("id"), "/people/12/id");
    path.between();
    assertEquals(path.pointer(), "/people");
    path.leave();
    path.at(1);
    assertEquals(path.pointer(), "/a~1b");
    path.at(2);
    assertEquals(path.pointer("~/"), "/m~0n/~0~1");
  }

  @Test
  public void whatWasKeptStaysWhenTheReaderGoesOn() {
    var path = new Path();
    path.enter(NAMES);
    path.at(0);
    var kept = path.here();
    path.at(1);
    path.enterList();
    path.at(3);
    assertEquals(kept.pointer(), "/people");
    assertEquals(path.pointer(), "/a~1b/3");
  }

  @Test
  public void itGoesAsDeepAsItMust() {
    var path = new Path();
    for (var i = 0; i < 100; i++) {
      path.enterList();
      path.at(i % 10);
    }
    assertEquals(path.depth(), 100);
    assertEquals(path.pointer(), "/0/1/2/3/4/5/6/7/8/9".repeat(10));
  }
}
