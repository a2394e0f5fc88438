package civitane.e2e;

import civitane.core.services.Services;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

/** Each service is taken from the first question to the receipt, through the same parts. */
public class EveryServiceStory extends Story {
  private static final List<String> FAMILIES = List.of(
      "Aldbrook",
      "Bexmoor",
      "Corvane",
      "Dunwick",
      "Eskdale",
      "Farnholt",
      "Gatterby",
      "Hulmond",
      "Ivorsen",
      "Jesperling",
      "Kolvane",
      "Lunnasting",
      "Marwenna",
      "Norrigall",
      "Ostrander",
      "Pellworm",
      "Quillfeather",
      "Rothsay",
      "Skelwith",
      "Tarrabine",
      "Umberleigh",
      "Vexford",
      "Wolfering",
      "Yarnscombe");

  private static final List<String> GIVEN = List.of(
      "Alma",
      "Birgit",
      "Cosima",
      "Dorthe",
      "Edda",
      "Frida",
      "Gro",
      "Helka",
      "Ilse",
      "Jorun",
      "Kaja",
      "Liv",
      "Maren",
      "Nele",
      "Oda",
      "Petronella",
      "Quirina",
      "Runa",
      "Sigga",
      "Tove",
      "Ulla",
      "Vigdis",
      "Wanda",
      "Ylva");

  private record Matter(String service, List<List<String>> answers, String family, int day) {
    @Override
    public String toString() {
      return service;
    }
  }

  @DataProvider
  public static Iterator<Object[]> matters() throws IOException {
    try (var file = EveryServiceStory.class.getResourceAsStream("/matters.json")) {
      var matters = new JsonMapper()
          .readValue(file, new TypeReference<LinkedHashMap<String, List<List<String>>>>() {});
      var rows = new ArrayList<Object[]>();
      for (var service : Services.all()) {
        var answers = matters.get(service.word());
        assertNotNull(
            answers,
            "the matter of " + service.word()
                + " is missing: write its line in e2e/src/test/resources/matters.json");
        rows.add(new Object[] {
          new Matter(service.word(), answers, FAMILIES.get(rows.size()), rows.size() + 1)
        });
      }
      return rows.iterator();
    }
  }

  @Test(dataProvider = "matters")
  public void fromTheFirstQuestionToTheReceipt(Matter matter) throws IOException {
    signIn(page, "ikenna");
    var given = GIVEN.get(matter.day() - 1);
    var name = given + " " + matter.family();
    var conversation = new Conversation(page)
        .asksFor(matter.service())
        .parentAndChild(
            given,
            matter.family(),
            matter.day() + " 6 " + (70 + matter.day()),
            GIVEN.get(GIVEN.size() - matter.day()) + "e",
            matter.day() + " 3 " + (2010 + matter.day() % 8))
        .livesAt(matter.day() + " Ropewalk", "BK33", "Gullhaven");
    page.keyboard().press("Alt+5");
    for (var answer : matter.answers()) {
      conversation.answers(answer.get(0), answer.get(1));
    }
    page.keyboard().press("Alt+7");
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("Everything as told");
    var told = conversation.lodges(name);
    try (var receipt = Loader.loadPDF(conversation.receipt())) {
      var text = new PDFTextStripper().getText(receipt);
      assertTrue(text.contains(name), text);
      assertTrue(text.contains(told.replaceFirst("Receipt (\\S+)\\..*", "$1")), text);
    }
  }
}
