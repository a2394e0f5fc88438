package civitane.app;

import civitane.packet.form.Heard;
import civitane.words.Language;
import civitane.words.Words;
import java.util.Arrays;
import java.util.Iterator;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What the office writes is whole in the household's language. */
public class LetterLanguagesTest extends OnDatabase {
  private static final Pattern ENGLISH =
      Pattern.compile("\\b(the|and|with|your|you|income|limit|week|granted|reduced|signed)\\b");

  /** The head of every letter, the household's own words, and what is written the same everywhere. */
  private static final Pattern OWN =
      Pattern.compile("Marsh Road School|Brackwater District Office");

  @DataProvider
  public static Iterator<Object[]> others() {
    return Arrays.stream(Language.values())
        .filter(language -> language != Language.EN)
        .map(language -> new Object[] {language})
        .iterator();
  }

  @Test(dataProvider = "others")
  public void receiptAndDecisionAreInTheHouseholdsLanguage(Language language) throws Exception {
    var packet = Packets.meals(2)
        .replace("\"language\": \"en\"", "\"language\": \"" + language.word() + "\"");
    var lodged = lodged(packet);
    var number = lodged.get("claims").get(0).stringValue();
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var words = Words.in(language);
    for (var text : new String[] {
      letters("receipt", lodged.get("receipt").stringValue()), letters("decision", number)
    }) {
      assertFalse(ENGLISH.matcher(OWN.matcher(text).replaceAll("")).find(), text);
      if (!language.runsRightToLeft()) {
        assertTrue(text.contains(words.say("letter.confirm.code")), text);
        assertTrue(text.contains(words.title("schoolMeals")), text);
      }
    }
  }

  @Test(dataProvider = "others")
  public void thePublicPageIsInTheReadersLanguage(Language language) throws Exception {
    var page = http.perform(MockMvcRequestBuilders.get("/verify")
            .param("code", "AAAA-BBBB-CCCC")
            .header("Accept-Language", language.word())
            .locale(java.util.Locale.forLanguageTag(language.word())))
        .andReturn()
        .getResponse()
        .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
    var words = Words.in(language);
    assertTrue(page.contains("lang=\"" + language.word() + "\""), page);
    assertTrue(page.contains(words.say("letter.check.look")), page);
    assertFalse(page.contains("Look it up"), page);
    assertEquals(page.contains("dir=\"rtl\""), language.runsRightToLeft());
  }

  @Test(dataProvider = "others")
  public void aBlankFormIsInTheLanguageAskedFor(Language language) throws Exception {
    var pdf = asIkenna(get("/api/forms/schoolMeals?language=" + language.word()))
        .getResponse()
        .getContentAsByteArray();
    var text = words(pdf);
    assertFalse(text.contains("Who applies"), text);
    if (!language.runsRightToLeft()) {
      assertTrue(text.contains(Words.in(language).say("letter.form.whoApplies")), text);
    }
    try (var document = Loader.loadPDF(pdf)) {
      var heard = Heard.of(document);
      assertTrue(
          heard.contains("H2 " + Words.in(language).say("letter.form.whoApplies")),
          heard.toString());
      assertTrue(
          heard.contains("Form " + Words.in(language).question("household.people.givenName")),
          heard.toString());
    }
  }
}
