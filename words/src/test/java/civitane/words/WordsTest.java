package civitane.words;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.Frequency;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.Argument.Who;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

/** Numbers, money, days, lists and plurals are written as each language writes them. */
public class WordsTest {
  private static final Who WREN = new Who("p2", "Wren", Role.CHILD, 1);

  private static String say(Language language, Argument argument) {
    return Words.in(language).say(argument).replace('\u00a0', ' ').replace('\u202f', ' ');
  }

  @DataProvider
  public static Object[][] values() {
    var money = Argument.monthly(Amount.of("1234.5"));
    var day = Argument.day(LocalDate.parse("2026-11-01"));
    return new Object[][] {
      {Language.EN, money, "€1,234.50 a month"},
      {Language.FR, money, "1 234,50 € par mois"},
      {Language.PT, money, "1234,50 € por mês"},
      {Language.EN, Argument.once(Amount.of("-0.005")), "-€0.01"},
      {Language.EN, day, "1 November 2026"},
      {Language.FR, day, "1er novembre 2026"},
      {Language.PT, day, "1 de novembro de 2026"},
      {Language.AR, day, "١ نوفمبر ٢٠٢٦"},
      {Language.EN, new Argument.Month(YearMonth.of(2026, 8)), "August 2026"},
      {Language.PT, new Argument.Month(YearMonth.of(2026, 8)), "agosto de 2026"},
      {Language.EN, Argument.months(1), "1 month"},
      {Language.EN, Argument.months(0), "0 months"},
      {Language.FR, Argument.days(1), "1 jour"},
      {Language.FR, Argument.weeks(Amount.of("13.57")), "13,57 semaines"},
      {Language.PT, Argument.months(2), "2 meses"},
      {Language.AR, Argument.days(1), "يوم واحد"},
      {Language.AR, Argument.days(2), "يومان"},
      {Language.AR, Argument.days(3), "٣ أيام"},
      {Language.AR, Argument.days(11), "١١ يوما"},
      {Language.EN, Argument.percent(Amount.of("37.5")), "37.5 per cent"},
      {Language.EN, Argument.count(2400), "2,400"},
      {Language.EN, Argument.term(Frequency.FORTNIGHTLY), "a fortnight"},
      {Language.EN, Argument.allTold(List.of("FIELD", "QUAY")), "FIELD and QUAY"},
      {Language.FR, Argument.allTold(List.of("FIELD", "QUAY", "LOCK")), "FIELD, QUAY et LOCK"},
      {Language.EN, WREN, "Wren"},
      {Language.EN, new Who("p2", null, Role.CHILD, 1), "the child"},
      {Language.EN, new Who("p3", null, Role.CHILD, 2), "the child (number 2)"},
      {Language.AR, new Who("p3", null, Role.CHILD, 2), "الطفل (رقم ٢)"},
    };
  }

  @Test(dataProvider = "values")
  public void valuesAreWrittenAsTheLanguageDoes(
      Language language, Argument argument, String written) {
    assertEquals(say(language, argument), written);
  }

  @Test
  public void moneyInArabicHasItsOwnDigits() {
    var said = say(Language.AR, Argument.monthly(Amount.of("153")));
    assertTrue(said.contains("١٥٣٫٠٠") && said.contains("€"), said);
    assertTrue(said.endsWith("في الشهر"), said);
  }

  @DataProvider
  public static Object[][] missing() {
    return new Object[][] {
      {"rentRelief.monthlyRent", null, null, "“Rent a month”"},
      {"rentRelief.arrears.owed", 2, null, "“Owed” (line 2)"},
      {"household.people.birthDate", null, WREN, "“Date of birth” (Wren)"},
      {"household.address.postcode", null, null, "“Postcode”"},
      {"paper.payslip", null, WREN, "payslips for Wren"},
      {"paper.lease", null, null, "lease"},
      {"wanted.signature", null, WREN, "the signature of Wren"},
      {"wanted.signature", null, null, "a signature"},
    };
  }

  @Test(dataProvider = "missing")
  public void whatIsMissingIsTheQuestionItAnswersAndWhoseItIs(
      String question, Integer row, Who whose, String said) {
    assertEquals(say(Language.EN, new Missing("/x", question, row, whose)), said);
  }

  @Test
  public void anAwardSaysWhatForWhomFromWhenAndToWhom() {
    var words = Words.in(Language.EN);
    var monthly = Award.money(Argument.monthly(Amount.of(109)), Recipient.HOUSEHOLD)
        .from(LocalDate.parse("2026-12-01"))
        .until(LocalDate.parse("2027-08-23"));
    assertEquals(
        words.award("householdAllowance", monthly),
        "€109.00 a month, from 1 December 2026 until 23 August 2027, paid to the household");
    var meals = Award.of(What.MEALS, Recipient.SCHOOL)
        .forWhom(WREN)
        .until(LocalDate.parse("2027-10-15"))
        .with(Argument.told("free"));
    assertEquals(
        words.award("schoolMeals", meals), "School meals: free, for Wren, until 15 October 2027");
    for (var what : What.values()) {
      if (what != What.INSTALMENTS) {
        for (var language : Language.values()) {
          var said = Words.in(language)
              .award(
                  "rentRelief",
                  Award.of(what, Recipient.HOUSEHOLD)
                      .of(Argument.count(1))
                      .with(Argument.told("FIELD")));
          assertTrue(!said.isBlank() && !said.contains("null"), said);
        }
      }
    }
  }

  @Test
  public void aTemplateIsReadAsTheLibraryReadsIt() {
    var template = new Template(
        "{who} has {n, plural, =0 {none} one {# thing} other {# things}}{kind, select, a {: A} other {}}.",
        Language.EN);
    assertEquals(template.names(), java.util.Set.of("who", "n", "kind"));
    assertEquals(
        template.say(values(Map.of("who", "Rui", "n", 1, "kind", "a"))), "Rui has 1 thing: A.");
    assertEquals(
        template.say(values(Map.of("who", "Rui", "n", 3, "kind", "b"))), "Rui has 3 things.");
    assertEquals(template.say(values(Map.of("who", "Rui", "n", 0, "kind", "b"))), "Rui has none.");
    assertThrows(IllegalArgumentException.class, () -> new Template("{broken", Language.EN));
    assertThrows(IllegalArgumentException.class, () -> new Template("{n, number}", Language.EN));
  }

  private static Template.Values values(Map<String, ?> values) {
    return new Template.Values() {
      @Override
      public String text(String name) {
        return String.valueOf(values.get(name));
      }

      @Override
      public BigDecimal number(String name) {
        return BigDecimal.valueOf((Integer) values.get(name));
      }

      @Override
      public String written(BigDecimal number) {
        return number.toPlainString();
      }
    };
  }

  @Test
  public void anUnknownLanguageIsThatOfTheOffice() {
    assertEquals(Language.of("pt-PT"), Language.PT);
    assertEquals(Language.of("AR"), Language.AR);
    assertEquals(Language.of("xx"), Language.EN);
    assertEquals(Language.of(null), Language.EN);
    assertTrue(Language.AR.runsRightToLeft() && !Language.FR.runsRightToLeft());
  }
}
