package civitane.e2e;

import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertTrue;

/** A receipt is written in the language the household reads. */
public class LanguageStory extends Story {

  @DataProvider
  public static Object[][] languages() {
    return new Object[][] {
      {"fr", "Hedda", "Montclar", "Elin", "Nous avons reçu votre demande"},
      {"pt", "Iva", "Serralves", "Baltasar", "Recebemos o seu pedido"},
      {"ar", "Nadia", "Rahmoun", "Yusra", ""}
    };
  }

  @Test(dataProvider = "languages")
  public void aReceipt(String language, String given, String family, String child, String word)
      throws IOException {
    signIn(page, "maud");
    var conversation = new Conversation(page)
        .asksFor("schoolMeals")
        .lettersIn(language)
        .parentAndChild(given, family, family.length() + " 4 83", child, child.length() + " 5 2016")
        .livesAt(child.length() + "1 Ropewalk", "BK33", "Gullhaven");
    conversation.lodges(given + " " + family);
    try (var receipt = Loader.loadPDF(conversation.receipt())) {
      var text = new PDFTextStripper().getText(receipt);
      assertTrue(text.contains(family), text);
      if ("ar".equals(language)) {
        var arabic = text.codePoints()
            .filter(c -> Character.UnicodeScript.of(c) == Character.UnicodeScript.ARABIC)
            .count();
        assertTrue(arabic > 200, text);
      } else {
        assertTrue(text.contains(word), text);
      }
    }
  }
}
