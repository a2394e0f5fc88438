package civitane.core.matching;

import civitane.core.facts.Address;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** People are found by their names however they are typed, by phones and by where they live. */
public class SoughtTest {
  private static final Person BJÖRN =
      Person.of("p1", Role.APPLICANT, "Björn", "Ångquist-O'Malley", LocalDate.parse("1986-10-22"));

  @Test
  public void aNameStandsInEveryWayItMayBeTyped() {
    var sought = Sought.of(BJÖRN, Address.at("3 Eelmonger Yard", "Gullhaven", "BK36"));
    for (var word : List.of(
        " bjorn", " bjoern", " angquist", " aangquist", " malley", " 3 eelmonger", " bk36")) {
      assertTrue(sought.contains(word), word + " in" + sought);
    }
  }

  @Test
  public void aHiddenAddressFindsNobody() {
    var hidden = new Address("3 Eelmonger Yard", "Gullhaven", "BK36", false, null, true, null);
    assertFalse(Sought.of(BJÖRN, hidden).contains("eelmonger"));
  }

  @DataProvider
  public Object[][] typed() {
    return new Object[][] {
      {"Ångquist, Björn", List.of("angquist", "bjorn")},
      {"0555 016 220", List.of("0555016220")},
      {"O'Malley", List.of("o", "malley")},
      {"BK36", List.of("bk36")},
      {"  ", List.of()},
      {"%_\\", List.of()},
    };
  }

  @Test(dataProvider = "typed")
  public void whatIsTypedIsWords(String typed, List<String> words) {
    assertEquals(Sought.words(typed), Set.copyOf(words));
  }
}
