package civitane.core.awards;

import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import civitane.core.services.schoolmeals.Tier;
import java.time.LocalDate;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** What is less than what stands, of every kind that can be. */
public class LesseningTest {
  private static final LocalDate SUMMER = LocalDate.parse("2027-06-30");

  private static Award monthly(long euros) {
    return Award.money(Argument.monthly(Amount.of(euros)), Recipient.HOUSEHOLD);
  }

  private static Award once(long euros, Recipient to) {
    return Award.money(Argument.once(Amount.of(euros)), to);
  }

  private static Award meals(String child, Tier tier) {
    return Award.of(What.MEALS, Recipient.SCHOOL)
        .forWhom(new Who("p2", child, Role.CHILD, 1))
        .with(Argument.term(tier));
  }

  private static Award weeks(long number) {
    return Award.of(What.WEEKS_OF_LEAVE, Recipient.HOUSEHOLD).of(Argument.weeks(Amount.of(number)));
  }

  @DataProvider
  public static Object[][] pairs() {
    return new Object[][] {
      {"as much", List.of(monthly(200)), List.of(monthly(200)), false},
      {"more", List.of(monthly(200)), List.of(monthly(201)), false},
      {"a smaller sum", List.of(monthly(200)), List.of(monthly(199)), true},
      {"nothing", List.of(monthly(200)), List.of(), true},
      {"something where nothing was", List.of(), List.of(monthly(200)), false},
      {
        "another first month",
        List.of(once(90, Recipient.HOUSEHOLD), monthly(200)),
        List.of(monthly(200)),
        false
      },
      {
        "a smaller sum once",
        List.of(once(90, Recipient.LANDLORD)),
        List.of(once(80, Recipient.LANDLORD)),
        true
      },
      {
        "a sum to another",
        List.of(once(90, Recipient.LANDLORD)),
        List.of(once(90, Recipient.HOUSEHOLD)),
        true
      },
      {
        "a smaller fee",
        List.of(once(90, Recipient.OFFICE)),
        List.of(once(10, Recipient.OFFICE)),
        false
      },
      {"fewer weeks", List.of(weeks(8)), List.of(weeks(7)), true},
      {
        "a dearer meal",
        List.of(meals("Wren", Tier.FREE)),
        List.of(meals("Wren", Tier.REDUCED)),
        true
      },
      {
        "a cheaper meal",
        List.of(meals("Wren", Tier.REDUCED)),
        List.of(meals("Wren", Tier.FREE)),
        false
      },
      {
        "one child less",
        List.of(meals("Wren", Tier.FREE), meals("Ida", Tier.FREE)),
        List.of(meals("Wren", Tier.FREE)),
        true
      },
      {"an end", List.of(monthly(200)), List.of(monthly(200).until(SUMMER)), true},
      {
        "a later end",
        List.of(monthly(200).until(SUMMER)),
        List.of(monthly(200).until(SUMMER.plusDays(1))),
        false
      },
      {
        "a sooner end",
        List.of(monthly(200).until(SUMMER)),
        List.of(monthly(200).until(SUMMER.minusDays(1))),
        true
      },
    };
  }

  @Test(dataProvider = "pairs")
  public void isLess(String what, List<Award> before, List<Award> after, boolean less) {
    assertEquals(Lessening.is(before, after), less, what);
  }
}
