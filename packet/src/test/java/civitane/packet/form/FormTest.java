package civitane.packet.form;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Entitlement;
import civitane.core.services.Services;
import civitane.packet.PacketReader;
import civitane.packet.PlainWords;
import civitane.words.Language;
import civitane.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionJavaScript;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

/** A form goes out and comes back under any name, with what was written in it or with every fault. */
public class FormTest {
  private static final LocalDate ON = LocalDate.parse("2026-11-24");
  private static final PacketReader PACKETS = new PacketReader(RateShelf.shipped());
  private static final FormReader READER = new FormReader(PACKETS);
  private static final FormWriter WRITER = new FormWriter(font(), font(), font());

  private static byte[] font() {
    try (var stream = org.apache.pdfbox.pdmodel.PDDocument.class.getResourceAsStream(
        "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf")) {
      return stream.readAllBytes();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Entitlement<?> meals() {
    return Services.named("schoolMeals").orElseThrow();
  }

  private static Map<String, String> mother() {
    return WrittenForm.meals("Oluchi", "Tamsett", "14 3 88", "Wren", "12 Tide Row", "BK31");
  }

  private static byte[] filled(Entitlement<?> service, Map<String, String> written) {
    return WrittenForm.filled(WRITER.write(service, null, ON, Language.EN), written);
  }

  @DataProvider
  public static Iterator<Object[]> services() {
    return Services.all().stream().map(service -> new Object[] {service}).iterator();
  }

  @Test(dataProvider = "services")
  public void everyServiceHasAFormThatIsKnownAgain(Entitlement<?> service) {
    var reading =
        READER.read(filled(service, Map.of("/household/people/0/givenName", "Oluchi")), ON);
    assertNotNull(reading.packet(), reading.faults().toString());
    assertEquals(reading.packet().at("/requests/0/service").asString(), service.word());
  }

  @Test(dataProvider = "services")
  public void everyFormAsksInWordsAndInOneLanguage(Entitlement<?> service) {
    for (var language : Language.values()) {
      for (var section : FormLayout.of(service, ON, Words.in(language))) {
        plain(section.title(), language, service);
        for (var row : section.rows()) {
          for (var field : row) {
            plain(field.label(), language, service);
            field.options().forEach(option -> plain(option.said(), language, service));
          }
        }
      }
    }
  }

  private static void plain(String text, Language language, Entitlement<?> service) {
    assertEquals(
        PlainWords.wrongIn(text, language),
        List.of(),
        service.word() + " in " + language.word() + ": " + text);
  }

  @Test
  public void aFormIsKnownAgainInEveryLatinLanguageAndAsksInIt() throws IOException {
    for (var language : List.of(Language.EN, Language.FR, Language.PT)) {
      var pdf = WRITER.write(meals(), null, ON, language);
      var reading = READER.read(WrittenForm.filled(pdf, mother()), ON);
      assertEquals(reading.faults(), List.of(), language.word());
      try (var document = Loader.loadPDF(pdf)) {
        assertEquals(document.getDocumentCatalog().getLanguage(), language.word());
        var name =
            document.getDocumentCatalog().getAcroForm().getField("/household/people/0/givenName");
        assertEquals(
            name.getAlternateFieldName(),
            Words.in(language).question("household.people.givenName"));
      }
    }
  }

  @Test
  public void aScreenReaderIsToldEachQuestionBeforeItsField() throws IOException {
    for (var language : List.of(Language.EN, Language.FR, Language.PT)) {
      try (var document = Loader.loadPDF(WRITER.write(meals(), null, ON, language))) {
        var heard = Heard.of(document);
        assertEquals(
            heard.get(0),
            "H1 "
                + Words.in(language)
                    .say("letter.form.title", "service", Words.in(language).title("schoolMeals")));
        var asked = FormLayout.of(meals(), ON, Words.in(language)).stream()
            .flatMap(section -> Stream.concat(
                Stream.of("H2 " + section.title()),
                section.rows().stream()
                    .flatMap(List::stream)
                    .flatMap(field -> Stream.of("P " + field.label(), "Form " + field.label()))))
            .toList();
        assertEquals(heard.subList(3, heard.size()), asked, language.word());
        assertTrue(document.getDocumentCatalog().getMarkInfo().isMarked());
        assertTrue(document.getDocumentCatalog().getViewerPreferences().displayDocTitle());
      }
    }
  }

  @Test
  public void whatWasWrittenComesBackAsAPacket() {
    var reading = READER.read(filled(meals(), mother()), ON);
    assertEquals(reading.faults(), List.of());
    var packet = reading.packet();
    assertEquals(packet.at("/household/people/0/birthDate").asString(), "1988-03-14");
    assertEquals(packet.at("/household/people/1/id").asString(), "p3");
    assertEquals(packet.at("/household/incomes/0/amount").decimalValue().toString(), "1430.50");
    assertEquals(packet.at("/requests/0/answers/children/0/person").asString(), "p3");
    assertEquals(packet.at("/signatures/0/person").asString(), "p1");
  }

  @Test
  public void whatIsKnownIsFilledInAndComesBackTheSame() {
    var packet = READER.read(filled(meals(), mother()), ON).packet();
    var again = READER.read(WRITER.write(meals(), packet, ON, Language.EN), ON);
    assertEquals(again.faults(), List.of());
    assertEquals(again.packet().at("/household/incomes"), packet.at("/household/incomes"));
    assertEquals(again.packet().at("/household/people/0"), packet.at("/household/people/0"));
  }

  @Test
  public void namesInAnyScriptAreKept() {
    var written = mother();
    written.put("/household/people/0/givenName", "أولوتشي");
    var packet = READER.read(filled(meals(), written), ON).packet();
    assertEquals(packet.at("/household/people/0/givenName").asString(), "أولوتشي");
    var again = READER.read(WRITER.write(meals(), packet, ON, Language.EN), ON).packet();
    assertEquals(again.at("/household/people/0/givenName").asString(), "أولوتشي");
  }

  @Test
  public void everyFaultIsToldAtOnceByItsField() {
    var written = mother();
    written.put("/household/people/0/birthDate", "31 2 88");
    written.put("/household/people/0/residentNumber", "4821907368");
    written.put("/household/people/2/role", "");
    written.put("/household/incomes/0/amount", "much");
    written.put("/household/incomes/0/frequency", "wekly");
    written.put("/household/incomes/1/amount", "-5");
    written.put("/requests/0/answers/children/0/person", "9");
    written.put("/requests/0/answers/householdTotal", "two");
    written.put("/signatures/0/on", "yesterday");
    var reading = READER.read(filled(meals(), written), ON);
    assertEquals(reading.packet(), null);
    var places = reading.faults().stream().map(FormFault::place).toList();
    for (var place : new String[] {
      "Date of birth",
      "Resident number",
      "Who else lives there, 3: Role",
      "What comes in, before tax, 1: How much, before tax",
      "What comes in, before tax, 1: How often",
      "What comes in, before tax, 2: How much, before tax",
      "School meals: Children, 1: Child",
      "How many people live there in all",
      "On"
    }) {
      assertTrue(places.contains(place), place + " is not among " + reading.faults());
    }
    assertEquals(reading.faults().size(), 10, reading.faults().toString());
    reading.faults().forEach(fault -> assertTrue(!fault.expected().isBlank(), fault.toString()));
  }

  @Test
  public void whatIsNoFormOfOursIsRefusedWithItsReason() throws IOException {
    assertTrue(READER.read("hello".getBytes(), ON).faults().get(0).message().contains("no PDF"));
    assertTrue(READER
        .read("%PDF-1.7 broken".getBytes(), ON)
        .faults()
        .get(0)
        .message()
        .contains("can't be read"));
    try (var document = Loader.loadPDF(WRITER.write(meals(), null, ON, Language.EN));
        var out = new ByteArrayOutputStream()) {
      document.getDocumentCatalog().setOpenAction(new PDActionJavaScript("app.alert(1)"));
      document.save(out);
      assertTrue(READER.read(out.toByteArray(), ON).faults().get(0).message().contains("script"));
    }
    try (var document = Loader.loadPDF(WRITER.write(meals(), null, ON, Language.EN));
        var out = new ByteArrayOutputStream()) {
      document.protect(new StandardProtectionPolicy("o", "u", new AccessPermission()));
      document.save(out);
      assertTrue(
          READER.read(out.toByteArray(), ON).faults().get(0).message().contains("encrypted"));
    }
  }

  @Test
  public void aBatchTakesTheGoodRowsAndGivesTheBadOnesBack() {
    var csv = """
        person1.givenName,person1.familyName,person1.birthDate,person2.givenName,person2.birthDate,person2.role,income1.amount,income1.frequency,income1.kind,children1.person,children1.school,householdTotal
        Oluchi,Tamsett,14.3.1988,Wren,2.5.2017,child,430,weekly,wages,2,Marsh Road School,2
        =HYPERLINK("x"),Valdeira,31.2.1979,Tomás,1.1.2018,child,2400,wekly,wages,2,Hythe Primary,2
        """;
    var batch = new BatchReader(PACKETS)
        .read(meals(), csv.getBytes(java.nio.charset.StandardCharsets.UTF_8), ON);
    assertEquals(batch.faults(), List.of());
    assertEquals(batch.good().size(), 1);
    assertEquals(batch.bad().size(), 1);
    assertEquals(batch.bad().get(0).faults().size(), 2, batch.bad().toString());
    var back = BatchReader.csv(batch.columns(), batch.bad());
    assertTrue(back.contains("'=HYPERLINK"), back);
    assertTrue(back.contains("reasons") && back.contains("wekly"), back);
    var again = new BatchReader(PACKETS)
        .read(
            meals(),
            back.replace("31.2.1979", "31.1.1979")
                .replace("wekly", "weekly")
                .getBytes(java.nio.charset.StandardCharsets.UTF_8),
            ON);
    assertEquals(again.good().size(), 1, again.toString());
  }

  @Test
  public void aFileOfOtherColumnsIsNoBatch() {
    var batch = new BatchReader(PACKETS).read(meals(), "name,age\na,1\n".getBytes(), ON);
    assertTrue(batch.faults().get(0).message().contains("name, age"));
  }
}
