package civitane.app;

import civitane.app.jobs.OneByOne;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.expectThrows;

public class OneByOneTest {
  @Test
  public void oneThatCannotBeDoneHoldsUpNoneOfTheOthers() {
    var done = new ArrayList<Integer>();
    var failed = new IllegalStateException("the second");
    var later = new IllegalStateException("the fourth");
    var each = new OneByOne()
        .each(List.of(1, 2, 3, 4, 5), one -> {
          if (one % 2 == 0) {
            throw one == 2 ? failed : later;
          }
          done.add(one);
        })
        .each(List.of(6), done::add);
    assertEquals(done, List.of(1, 3, 5, 6));
    assertSame(expectThrows(IllegalStateException.class, each::end), failed, "it is seen");
    assertEquals(failed.getSuppressed(), new Throwable[] {later});
  }

  @Test
  public void oneReasonForSeveralIsToldOnce() {
    var failed = new IllegalStateException("the database is not there");
    var each = new OneByOne().each(List.of(1, 2), one -> {
      throw failed;
    });
    assertSame(expectThrows(IllegalStateException.class, each::end), failed);
    assertEquals(failed.getSuppressed().length, 0);
  }

  @Test
  public void whereAllIsDoneNothingIsTold() {
    new OneByOne().each(List.of(1), one -> {}).end();
  }
}
