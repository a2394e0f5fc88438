package civitane.app;

import civitane.app.corrections.Corrections;
import civitane.words.Language;
import java.io.ByteArrayInputStream;
import java.time.Duration;
import java.util.List;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

/** Letters can be kept for decades and read aloud: each is PDF/A-2a and PDF/UA-1, by a checker that is not ours. */
public class LetterConformanceTest extends OnDatabase {
  @BeforeClass
  public void checker() {
    VeraGreenfieldFoundryProvider.initialise();
  }

  @Autowired
  private Corrections corrections;

  @DataProvider
  public static Object[][] languages() {
    var all = new Object[Language.values().length][];
    for (var language : Language.values()) {
      all[language.ordinal()] = new Object[] {language};
    }
    return all;
  }

  @Test(dataProvider = "languages")
  public void receiptAndDecisionConform(Language language) throws Exception {
    var packet = Packets.meals(2)
        .replace("\"language\": \"en\"", "\"language\": \"" + language.word() + "\"");
    var lodged = lodged(packet);
    var number = lodged.get("claims").get(0).stringValue();
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var letters = database
        .sql("select id from letter where about in (?, ?)")
        .param(number)
        .param(lodged.get("receipt").stringValue())
        .query(UUID.class)
        .list();
    assertFalse(letters.isEmpty());
    for (var letter : letters) {
      var pdf = asIkenna(get("/api/letters/{id}", letter)).getResponse().getContentAsByteArray();
      for (var flavour : List.of(PDFAFlavour.PDFA_2_A, PDFAFlavour.PDFUA_1)) {
        assertEquals(
            wrong(pdf, flavour).toString(), "[]", language.word() + " as " + flavour.getId());
      }
    }
  }

  @Test(dataProvider = "languages")
  public void whatIsAskedRemindedOfAndGivenMoreTimeForConforms(Language language) throws Exception {
    var packet = Packets.meals(3)
        .replace("\"language\": \"en\"", "\"language\": \"" + language.word() + "\"");
    var number = claimOf(packet);
    taken(number);
    var asking = new Asking(this, number);
    assertEquals(asking.ask("a paper of last month").getResponse().getStatus(), 200);
    noonOf(asking.due().minusDays(3));
    try {
      corrections.remindOfWhatIsDue();
    } finally {
      clock.ahead(Duration.ZERO);
    }
    assertEquals(asking.moreTime(9).getResponse().getStatus(), 200);
    for (var kind : List.of("request", "reminder", "moreTime")) {
      var letter = database
          .sql("select id from letter where about = ? and kind = ?")
          .param(number)
          .param(kind)
          .query(UUID.class)
          .single();
      var pdf = asIkenna(get("/api/letters/{id}", letter)).getResponse().getContentAsByteArray();
      for (var flavour : List.of(PDFAFlavour.PDFA_2_A, PDFAFlavour.PDFUA_1)) {
        assertEquals(wrong(pdf, flavour).toString(), "[]", kind + " as " + flavour.getId());
      }
    }
  }

  /** The rules that a letter breaks, with what is said of each. */
  private static TreeSet<String> wrong(byte[] pdf, PDFAFlavour flavour) throws Exception {
    var wrong = new TreeSet<String>();
    try (var parser =
            Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour);
        var validator = Foundries.defaultInstance().createValidator(flavour, false)) {
      var result = validator.validate(parser);
      for (var one : result.getTestAssertions()) {
        if (one.getStatus() == TestAssertion.Status.FAILED) {
          wrong.add(one.getRuleId().getClause() + "-" + one.getRuleId().getTestNumber() + ": "
              + one.getMessage());
        }
      }
    }
    return wrong;
  }
}
