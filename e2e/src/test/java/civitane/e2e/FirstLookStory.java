package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** From a phone, before anything is asked for: could it be for them, why, and what could it come to. */
public class FirstLookStory extends OnAPhone {

  @BeforeMethod
  public void onAPhone() {
    page.setViewportSize(WIDE, HIGH);
  }

  private static final String LOOK = "Look first whether it could be for you";

  /** Opens what is told of a service, and its first look. */
  private Locator looking(String service) {
    go(page, "/door?language=en");
    var offer = page.locator("details:has(#offer-" + service + ")");
    offer.locator("> summary").press("Enter");
    offer
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(LOOK))
        .press("Enter");
    return offer;
  }

  @Test
  public void aFamilyLooksWhetherItCouldBeForThem() {
    var offer = looking("householdAllowance");
    offer.getByLabel("How many under 14?").fill("2");
    offer.getByLabel("Postcode where you live").fill("BK31");
    offer.getByLabel("What comes in a month").fill("about 600");
    offer.getByLabel("Money you have").fill("200");
    page.keyboard().press("Enter");
    assertThat(offer.getByText("Type euros, as in")).isVisible();
    assertThat(offer.getByLabel("What comes in a month")).hasValue("about 600");
    accessible(page, "a first look with something wrong");
    offer.getByLabel("What comes in a month").fill("640");
    page.keyboard().press("Enter");
    assertThat(offer.getByRole(AriaRole.STATUS)).containsText("It could be for you. Ask for it.");
    assertThat(offer).containsText("€579.00 a month");
    assertThat(offer).containsText("Income of €640.00 a month is within the limit");
    assertThat(offer.getByRole(AriaRole.STATUS)).isFocused();
    accessible(page, "what a first look says");
    fits(page, "what a first look says");
    offer.getByLabel("What comes in a month").fill("9000");
    assertThat(offer.getByRole(AriaRole.STATUS).locator(".door-band")).hasCount(0);
    page.keyboard().press("Enter");
    assertThat(offer.getByRole(AriaRole.STATUS)).containsText("it would not be for you now");
    assertThat(offer.getByRole(AriaRole.STATUS)).containsText("the office decides");
    var form =
        page.waitForDownload(() -> offer.getByText("Form to print and fill in").click());
    assertEquals(form.suggestedFilename(), "householdAllowance.pdf");
  }

  @Test
  public void whereItIsAboutAListAnOpenOneIsChosenByItsName() {
    var offer = looking("housingList");
    var list = offer.getByLabel("List", new Locator.GetByLabelOptions().setExact(true));
    assertThat(list.locator("option").nth(1)).hasText("Anchorfield flats");
    list.selectOption(new SelectOption().setIndex(1));
    offer.getByLabel("What comes in a month").fill("1200");
    page.keyboard().press("Enter");
    assertThat(offer.getByRole(AriaRole.STATUS)).containsText("It could be for you");
    var legal = looking("legalAdvice");
    var matter = legal.locator("select").first();
    matter.selectOption(new SelectOption().setLabel("Something else"));
    legal.getByLabel("Something else").fill("a neighbour’s hedge");
    legal.getByLabel("What comes in a month").fill("900");
    page.keyboard().press("Enter");
    assertThat(legal.getByRole(AriaRole.STATUS)).containsText("would not be for you");
    accessible(page, "a first look at legal advice");
  }

  @Test
  public void inEveryLanguageWhatThereIsCanBeLookedAt() {
    for (var language : List.of("fr", "pt", "ar")) {
      go(page, "/door?language=" + language);
      var offers = page.locator("details:has(summary [id^=offer-])");
      assertThat(offers.first()).isVisible();
      var some = offers.count();
      assertTrue(some > 10, "what can be asked for: " + some);
      for (var i = 0; i < some; i += 5) {
        var offer = offers.nth(i);
        offer.locator("> summary").press("Enter");
        offer.locator("button.door-button:not(.door-main)").first().press("Enter");
        var look = offer.locator("form button[type=submit]");
        assertThat(look).isVisible();
        look.press("Enter");
        assertThat(offer.getByRole(AriaRole.STATUS).locator(".door-band")).isVisible();
        fits(page, language + ", first look " + i);
        offer.locator("> summary").press("Enter");
      }
      accessible(page, "first looks, " + language);
    }
  }
}
