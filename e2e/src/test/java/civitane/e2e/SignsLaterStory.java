package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** She lodges at the counter; he is at work, is asked at his own phone once it is lodged, and signs there. */
public class SignsLaterStory extends OnAPhone {
  private static final String HERS = "0555 011 361";
  private static final String HIS = "0555 013 403";

  @Test
  public void whoIsNotHereIsAskedAtTheirOwnPhone() {
    signIn(page, "ikenna");
    CommonMistakesStory.importPacket(
        page,
        StoryPackets.meals(3)
            .replace("Perpetua", "Ilinca")
            .replace("Lindqvory", "Sorrentin")
            .replace("Wren", "Petru")
            .replace("1988-03-14", "1983-08-19")
            .replace("12 Tide Row", "44 Ebb Street")
            .replace("\"role\": \"applicant\"", """
                "role": "applicant", "contact": {"phone": "%s", "mayText": true}""".formatted(HERS))
            .replace("{\"id\": \"p2\"", """
                {"id": "p3", "role": "spouse", "givenName": "Brage", "familyName": "Esteves",
                 "birthDate": "1981-01-27", "residentNumber": null, "residentNumberMissing": "declined"},
                {"id": "p2\"""".strip())
            .replace(
                "\"noIncome\": []",
                "\"noIncome\": [{\"person\": \"p3\", \"livesOn\": \"savings\"}]"));
    assertThat(page.getByLabel("Given name 1")).hasValue("Ilinca");
    page.keyboard().press("Alt+8");
    var his = page.getByRole(
        AriaRole.GROUP, new Page.GetByRoleOptions().setName("Brage Esteves").setExact(false));
    his.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Brage Esteves signs later"))
        .press("Enter");
    var contact = his.getByLabel("A phone or mail address of Brage Esteves alone");
    assertThat(contact).isFocused();
    contact.fill(HERS);
    page.keyboard().press("Enter");
    assertThat(his.getByText("That is the contact of who applies.")).isVisible();
    contact.fill(HIS);
    page.keyboard().press("Enter");
    assertThat(his.getByText("asked at " + HIS)).isVisible();
    accessible(page, "who signs later");
    page.keyboard().press("Alt+l");
    assertThat(page.getByText("Brage Esteves was asked to sign, at " + HIS)).isVisible();

    var phone = phone("/door?language=en");
    phone.getByText("I was asked to sign").click();
    var way = phone
        .locator("details")
        .filter(new Locator.FilterOptions().setHasText("I was asked to sign"));
    way.getByLabel("Your own phone or mail address").fill(HIS);
    var before = codes(HIS).size();
    phone.keyboard().press("Enter");
    way.getByLabel("Code, six digits").fill(codeTo(HIS, before));
    way.getByLabel("Your date of birth").fill("1981-01-27");
    button(phone, "Go on").press("Enter");
    assertThat(phone.getByText("Ilinca Sorrentin asks you to sign")).isVisible();
    phone.getByLabel("Your name").fill("Brage Esteves");
    button(phone, "Sign it").press("Enter");
    assertThat(phone.getByText("Thank you. You have signed it.")).isVisible();
  }
}
