package civitane.bench;

import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** The floor answers as the rules do, so that the two may be compared. */
public class MealsFloorTest {

  @Test
  public void comesToTheSame() {
    var result =
        new Screening(Samples.RATES).of(Samples.meals(), Mode.DETERMINE).get(0);
    assertEquals(result.outcome().word(), "entitled");
    assertEquals(MealsFloor.tier(Samples.meals()), 1);
    assertEquals(result.amounts().get("children").toString(), "{p2=REDUCED}");
  }
}
