package civitane.core.identity;

import civitane.core.facts.Homes;
import civitane.core.facts.OtherName;
import civitane.core.facts.OtherNameKind;
import civitane.core.facts.Paper;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Names, papers and machine-readable zones. */
public class IdentityTest {
  private static final LocalDate TODAY = LocalDate.parse("2026-11-23");
  private static final Person ELANNE =
      Person.of("p1", Role.APPLICANT, "Élanne", "Núñara", LocalDate.parse("1991-05-12"));

  @DataProvider
  public static Object[][] names() {
    return new Object[][] {
      {"Oluchi Tamsett", "TAMSETT, Oluchi", NameMatch.SAME},
      {"Björn Ångquist", "Bjoern Aangquist", NameMatch.SAME},
      {"Björn Ångquist", "Bjorn Angquist", NameMatch.SAME},
      {"Weiß", "WEISS", NameMatch.SAME},
      {"Oluchi T. Tamsett", "Oluchi Tamsett", NameMatch.CLOSE},
      {"O. Tamsett", "Oluchi Tamsett", NameMatch.CLOSE},
      {"Oluchi Tamset", "Oluchi Tamsett", NameMatch.CLOSE},
      {"Oluchi Ambleside", "Oluchi Tamsett", NameMatch.DIFFERENT},
      {"Tamsett", "Oluchi Tamsett", NameMatch.DIFFERENT},
      {"Саския Морван", "Saskia Morvan", NameMatch.OTHER_SCRIPT},
      {"12", "12", NameMatch.DIFFERENT},
      {"", "Oluchi", NameMatch.DIFFERENT},
    };
  }

  @Test(dataProvider = "names")
  public void namesAreCompared(String one, String other, NameMatch match) {
    assertEquals(Names.compare(one, other), match);
    assertEquals(Names.compare(other, one), match);
  }

  @Test
  public void everyNameAPersonHasCounts() {
    var married = new Person(
        "p1",
        Role.APPLICANT,
        "Corva",
        "Zantos",
        List.of(new OtherName(OtherNameKind.FORMER, "Corva Lindqvory")),
        null,
        null,
        null,
        null,
        false,
        true,
        14,
        null,
        null,
        null,
        null,
        null);
    assertEquals(Names.compare(married, "LINDQVORY Corva"), NameMatch.SAME);
  }

  private static Paper paper(PaperKind kind) {
    return paper(kind, "Élanne Núñara", null, true, List.of(), TODAY.minusDays(30), null);
  }

  private static Paper paper(
      PaperKind kind,
      String name,
      @Nullable Boolean nameAccepted,
      @Nullable Boolean accepted,
      List<String> zone,
      @Nullable LocalDate issued,
      @Nullable LocalDate expires) {
    return new Paper(
        kind,
        "p1",
        null,
        null,
        issued,
        expires,
        name,
        nameAccepted,
        null,
        null,
        zone,
        false,
        accepted,
        null,
        null,
        null,
        null);
  }

  private static Identity of(Paper... papers) {
    return Identity.of(Homes.of(List.of(ELANNE), List.of()), ELANNE, List.of(papers), TODAY, 100);
  }

  @Test
  public void twoKindsOneWithAPhotoAreStandard() {
    assertEquals(of().level(), IdentityLevel.NONE);
    assertEquals(of(paper(PaperKind.PASSPORT)).level(), IdentityLevel.PARTIAL);
    assertEquals(
        of(paper(PaperKind.PASSPORT), paper(PaperKind.PASSPORT)).level(), IdentityLevel.PARTIAL);
    assertEquals(
        of(paper(PaperKind.BIRTH_RECORD), paper(PaperKind.TAX_NOTICE)).level(),
        IdentityLevel.PARTIAL);
    assertEquals(
        of(paper(PaperKind.PASSPORT), paper(PaperKind.DRIVING_LICENCE)).level(),
        IdentityLevel.STANDARD);
    assertEquals(
        of(paper(PaperKind.PASSPORT), paper(PaperKind.RESIDENT_NUMBER_CARD)).level(),
        IdentityLevel.PARTIAL);
  }

  @Test
  public void aBillSpeaksForAHundredDays() {
    var fresh = paper(
        PaperKind.UTILITY_BILL, "Élanne Núñara", null, true, List.of(), TODAY.minusDays(100), null);
    var old = paper(
        PaperKind.UTILITY_BILL, "Élanne Núñara", null, true, List.of(), TODAY.minusDays(101), null);
    assertEquals(of(fresh).level(), IdentityLevel.PARTIAL);
    assertEquals(of(old).level(), IdentityLevel.NONE);
    assertEquals(
        of(old).objections(),
        List.of(Why.NOT_RECENT.with(
            Argument.term(PaperKind.UTILITY_BILL),
            new Who("p1", "Élanne", Role.APPLICANT, 1),
            Argument.days(100))));
  }

  @Test
  public void aPaperThatExpiredWaitsOrNamesAnotherDoesNotSpeak() {
    assertEquals(
        of(paper(PaperKind.PASSPORT, "Élanne Núñara", null, true, List.of(), null, TODAY))
            .level(),
        IdentityLevel.PARTIAL);
    assertEquals(
        of(paper(
                PaperKind.PASSPORT,
                "Élanne Núñara",
                null,
                true,
                List.of(),
                null,
                TODAY.minusDays(1)))
            .level(),
        IdentityLevel.NONE);
    assertEquals(
        of(paper(PaperKind.PASSPORT, "Élanne Núñara", null, null, List.of(), null, null))
            .level(),
        IdentityLevel.NONE);
    assertEquals(
        of(paper(PaperKind.PASSPORT, "E. Núñara", null, true, List.of(), null, null))
            .level(),
        IdentityLevel.NONE);
    assertEquals(
        of(paper(PaperKind.PASSPORT, "E. Núñara", true, true, List.of(), null, null))
            .level(),
        IdentityLevel.PARTIAL);
    assertEquals(
        of(paper(PaperKind.PASSPORT, "Somebody Else", true, true, List.of(), null, null))
            .level(),
        IdentityLevel.NONE);
  }

  /** The specimens of ICAO Doc 9303, parts 4 and 5. */
  private static final List<String> PASSPORT = List.of(
      "P<UTOERIKSSON<<ANNA<MARIA<<<<<<<<<<<<<<<<<<<",
      "L898902C36UTO7408122F1204159ZE184226B<<<<<10");

  private static final List<String> CARD = List.of(
      "I<UTOD231458907<<<<<<<<<<<<<<<",
      "7408122F1204159UTO<<<<<<<<<<<6",
      "ERIKSSON<<ANNA<MARIA<<<<<<<<<<");

  @Test
  public void theSpecimenZonesAreRight() {
    for (var zone : List.of(PASSPORT, CARD)) {
      var read = MachineReadableZone.read(zone);
      assertEquals(read.faults(), List.of());
      assertTrue(read.hasBirthDate(LocalDate.parse("1974-08-12")));
    }
  }

  /** The specimens of ICAO Doc 9303, part 6, and of a number too long for its field, part 5. */
  private static final List<String> BOOKLET =
      List.of("I<UTOERIKSSON<<ANNA<MARIA<<<<<<<<<<<", "D231458907UTO7408122F1204159<<<<<<<6");

  private static final List<String> LONG_NUMBER = List.of(
      "I<UTOD23145890<7349<<<<<<<<<<<",
      "3407127M9507122UTO<<<<<<<<<<<2",
      "STEVENSON<<PETER<JOHN<<<<<<<<<");

  @DataProvider
  public static Object[][] digits() {
    return new Object[][] {
      {PASSPORT, 1, 9, ZonePart.DOCUMENT_NUMBER},
      {PASSPORT, 1, 19, ZonePart.BIRTH_DATE},
      {PASSPORT, 1, 27, ZonePart.EXPIRY_DATE},
      {PASSPORT, 1, 42, ZonePart.PERSONAL_NUMBER},
      {PASSPORT, 1, 43, ZonePart.WHOLE},
      {CARD, 0, 14, ZonePart.DOCUMENT_NUMBER},
      {CARD, 1, 6, ZonePart.BIRTH_DATE},
      {CARD, 1, 14, ZonePart.EXPIRY_DATE},
      {CARD, 1, 29, ZonePart.WHOLE},
      {BOOKLET, 1, 9, ZonePart.DOCUMENT_NUMBER},
      {BOOKLET, 1, 19, ZonePart.BIRTH_DATE},
      {BOOKLET, 1, 27, ZonePart.EXPIRY_DATE},
      {BOOKLET, 1, 35, ZonePart.WHOLE},
      {LONG_NUMBER, 0, 18, ZonePart.DOCUMENT_NUMBER}
    };
  }

  @Test(dataProvider = "digits")
  public void aCheckDigitThatIsWrongNamesItsPart(
      List<String> zone, int line, int at, ZonePart part) {
    assertEquals(MachineReadableZone.read(zone).faults(), List.of());
    var typed = new ArrayList<>(zone);
    var right = zone.get(line).charAt(at);
    var other = (char) ('0' + (right - '0' + 1) % 10);
    typed.set(line, zone.get(line).substring(0, at) + other + zone.get(line).substring(at + 1));
    var faults = MachineReadableZone.read(typed).faults();
    assertEquals(faults.get(0).part(), part, faults.toString());
  }

  @Test
  public void aZoneIsReadHoweverItIsTyped() {
    var spaced = List.of(
        PASSPORT.get(0).toLowerCase(java.util.Locale.ROOT), " " + PASSPORT.get(1) + " ", "");
    assertEquals(MachineReadableZone.read(spaced).faults(), List.of());
    assertEquals(
        MachineReadableZone.read(List.of(PASSPORT.get(0), PASSPORT.get(1).replace('<', '-')))
            .faults()
            .size(),
        1);
    var without = PASSPORT.get(1).substring(0, 28) + "<<<<<<<<<<<<<<<4";
    assertEquals(
        MachineReadableZone.read(List.of(PASSPORT.get(0), without)).faults().stream()
            .filter(fault -> fault.part() == ZonePart.PERSONAL_NUMBER)
            .count(),
        0,
        "no personal number needs no digit");
  }

  @Test
  public void everyDigitOfAZoneThatIsWrongIsSeen() {
    var second = PASSPORT.get(1);
    for (var i = 0; i < second.length(); i++) {
      if (Character.isDigit(second.charAt(i))) {
        var other = (char) ('0' + (second.charAt(i) - '0' + 1) % 10);
        var typed = second.substring(0, i) + other + second.substring(i + 1);
        assertTrue(
            !MachineReadableZone.read(List.of(PASSPORT.get(0), typed)).faults().isEmpty(), typed);
      }
    }
  }

  @Test
  public void aZoneOfNoKnownFormHasAFault() {
    assertTrue(!MachineReadableZone.read(List.of("P<UTO")).faults().isEmpty());
    assertTrue(!MachineReadableZone.read(List.of(PASSPORT.get(0))).faults().isEmpty());
  }

  @Test
  public void residentNumbersCarryALuhnDigit() {
    assertTrue(CheckDigits.isResidentNumber("5260181598"));
    for (var wrong : List.of("5260181599", "526018159", "52601815980", "526018159x", "")) {
      assertTrue(!CheckDigits.isResidentNumber(wrong), wrong);
    }
  }
}
