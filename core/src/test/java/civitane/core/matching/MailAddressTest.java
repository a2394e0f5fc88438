package civitane.core.matching;

import civitane.core.reasons.Argument;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** A slip in a usual domain is asked about; another domain is nobody's business. */
public class MailAddressTest {

  @DataProvider
  public static Object[][] slips() {
    return new Object[][] {
      {"rui@brackwater.exmaple", "rui@brackwater.example"},
      {"rui@brackwatr.example", "rui@brackwater.example"},
      {"rui@delta-pots.example", "rui@delta-post.example"},
      {"rui@deltapost.example", "rui@delta-post.example"},
      {"rui@HYTHE-MIAL.example", "rui@hythe-mail.example"},
    };
  }

  @Test(dataProvider = "slips")
  public void aSlipInAUsualDomain(String typed, String meant) {
    assertEquals(
        MailAddress.doubt(typed), Optional.of(Why.MAIL_PERHAPS.with(Argument.told(meant))), typed);
  }

  @DataProvider
  public static Object[][] fine() {
    return new Object[][] {
      {"rui@brackwater.example"},
      {"rui@Brackwater.Example"},
      {"rui.valdeira+office@delta-post.example"},
      {"rui@osprey-boats.example"},
    };
  }

  @Test(dataProvider = "fine")
  public void whatIsWrittenRightIsLeftAlone(String typed) {
    assertEquals(MailAddress.doubt(typed), Optional.empty(), typed);
  }

  @DataProvider
  public static Object[][] wrong() {
    return new Object[][] {
      {"rui"},
      {"rui@"},
      {"@brackwater.example"},
      {"rui@brackwater"},
      {"rui v@a.example"},
      {"a@b@c.d"}
    };
  }

  @Test(dataProvider = "wrong")
  public void whatIsNoAddressIsSaidToBeNone(String typed) {
    assertEquals(MailAddress.doubt(typed).orElseThrow().code(), Why.MAIL_NOT_WRITTEN, typed);
  }
}
