package civitane.words;

import civitane.core.Reasons;
import civitane.core.facts.Parts;
import civitane.core.facts.Value;
import civitane.core.facts.Word;
import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Question;
import civitane.core.services.Services;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.lang.Character.UnicodeScript;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

/** Whatever can be said is said in every language, with the same values, and in no machine's words. */
public class CatalogueTest {
  private static final Pattern HUMP = Pattern.compile("\\p{Ll}\\p{Lu}");
  private static final Pattern LATIN_WORD = Pattern.compile("\\p{IsLatin}{3,}");

  /** Languages whose word for something is the English one. */
  private static final Set<String> THE_SAME = Set.of("fr", "pt");

  @DataProvider
  public static Iterator<Object[]> languages() {
    return Stream.of(Language.values()).map(language -> new Object[] {language}).iterator();
  }

  private static Catalogue catalogue(Language language) {
    return Words.in(language).catalogue();
  }

  @Test(dataProvider = "languages")
  public void everyMessageIsThereWithTheSameNames(Language language) {
    var english = catalogue(Language.EN);
    var other = catalogue(language);
    assertEquals(new TreeSet<>(other.keys()), new TreeSet<>(english.keys()));
    for (var key : english.keys()) {
      assertEquals(other.get(key).names(), english.get(key).names(), key);
    }
  }

  @Test(dataProvider = "languages")
  public void everyReasonIsSaidWithAllItIsToldWith(Language language) {
    for (var code : Reasons.all()) {
      var told = code.parameters().stream().map(Parameter::name).collect(Collectors.toSet());
      assertEquals(Set.copyOf(catalogue(language).get(code.code()).names()), told, code.code());
    }
  }

  @Test
  public void nothingIsSaidThatNobodyAsksFor() {
    var codes = Reasons.all().stream().map(ReasonCode::code).collect(Collectors.toSet());
    for (var service : Services.all()) {
      for (var key : catalogue(Language.EN).keys()) {
        var within =
            key.startsWith(service.word() + ".") ? key.substring(service.word().length() + 1) : "";
        if (!within.isEmpty() && !within.contains(".") && !ABOUT.contains(within)) {
          assertTrue(codes.contains(key.replaceFirst("\\.letter$", "")), key + " is no reason");
        }
      }
    }
  }

  private static final List<String> ABOUT = List.of("title", "what", "who", "pays", "granted");

  @DataProvider
  public static Iterator<Object[]> services() {
    return Services.all().stream().map(service -> new Object[] {service}).iterator();
  }

  @Test(dataProvider = "services")
  public void aServiceSaysWhatItIsAndWhatItAsks(Entitlement<?> service) {
    for (var about : ABOUT) {
      assertTrue(catalogue(Language.EN).keys().contains(service.word() + "." + about), about);
    }
    assertFalse(Words.in(Language.EN).items(service.word() + ".bring").isEmpty());
    asked(service.word(), "", service.questions());
  }

  private static void asked(String service, String before, List<Question> questions) {
    var keys = catalogue(Language.EN).keys();
    for (var question : questions) {
      var path = before + question.key();
      assertTrue(keys.contains(service + ".ask." + path), service + ".ask." + path);
      assertEquals(
          keys.contains(service + ".otherwise." + path),
          question.optional(),
          service + ".otherwise." + path);
      asked(service, path + ".", question.parts());
    }
  }

  @Test
  public void everyWordOfEveryVocabularyIsSaid() {
    var vocabularies = new ClassFileImporter()
        .importPackages("civitane.core").stream()
            .filter(type -> type.isEnum() && type.isAssignableTo(Word.class))
            .map(type -> type.reflect())
            .toList();
    assertTrue(vocabularies.size() > 50, vocabularies.size() + " vocabularies");
    var keys = catalogue(Language.EN).keys();
    for (var vocabulary : vocabularies) {
      var words = Arrays.stream(vocabulary.getEnumConstants())
          .map(Word.class::cast)
          .map(word -> "word." + word.vocabulary() + "." + word.word())
          .toList();
      // What no person reads has no words: forms of values, kinds of questions, modes and the like.
      if (words.stream().anyMatch(keys::contains)) {
        words.forEach(word -> assertTrue(keys.contains(word), word));
      } else {
        assertTrue(UNSAID.contains(vocabulary.getSimpleName()), vocabulary.getSimpleName());
      }
    }
  }

  private static final Set<String> UNSAID = Set.of(
      "Form",
      "QuestionKind",
      "Fact",
      "Mode",
      "Unit",
      "What",
      "Recipient",
      "NameMatch",
      "Step",
      "ItemKind",
      "DecisionKind",
      "DecisionState",
      "SubjectKind",
      "EntryKind",
      "SourceKind",
      "Agreement",
      "ListState");

  @Test
  public void everyFactOfAHouseholdIsAsked() {
    facts("household", Value.of(civitane.core.facts.Household.class));
  }

  private static void facts(String key, Value group) {
    for (var field : Parts.of(group.type()).fields()) {
      var value =
          field.value().element() == null ? field.value() : field.value().element();
      var path = key + "." + field.key();
      if (key.split("\\.").length < 4 && !NOT_ASKED.contains(path)) {
        assertTrue(catalogue(Language.EN).keys().contains(path), path);
        if (value.form() == civitane.core.facts.Form.GROUP && !NOT_ASKED.contains(path)) {
          facts(path, value);
        }
      }
    }
  }

  /** Parts that are asked as one. */
  private static final Set<String> NOT_ASKED = Set.of(
      "household.incomes.payslips",
      "household.noIncome",
      "household.consents",
      "household.address.mailing",
      "household.noIncome.person",
      "household.noIncome.since",
      "household.noIncome.livesOn",
      "household.noIncome.statedOn");

  @Test(dataProvider = "languages")
  public void noMachinesWordIsSaid(Language language) {
    for (var key : catalogue(language).keys()) {
      var said = raw(language, key);
      assertFalse(HUMP.matcher(said).find(), key + ": " + said);
      assertFalse(said.matches(".*\\bnull\\b.*") || said.contains("_"), key + ": " + said);
    }
  }

  /** A message with every name it is told with left out. */
  private static String raw(Language language, String key) {
    return catalogue(language).get(key).say(new Template.Values() {
      @Override
      public String text(String name) {
        return "";
      }

      @Override
      public java.math.BigDecimal number(String name) {
        return java.math.BigDecimal.TEN;
      }

      @Override
      public String written(java.math.BigDecimal number) {
        return "";
      }
    });
  }

  @Test
  public void noEnglishIsLeftInTheOthers() {
    for (var language : Language.values()) {
      if (language == Language.EN) {
        continue;
      }
      for (var key : catalogue(language).keys()) {
        var said = raw(language, key);
        var english = raw(Language.EN, key);
        if (language == Language.AR) {
          assertFalse(LATIN_WORD.matcher(said).find(), key + ": " + said);
          assertEquals(
              said.codePoints()
                  .anyMatch(letter -> UnicodeScript.of(letter) == UnicodeScript.ARABIC),
              english.codePoints().anyMatch(Character::isLetter),
              key + ": " + said);
        } else if (said.equals(english) && said.codePoints().anyMatch(Character::isLetter)) {
          assertTrue(
              !said.strip().contains(" ") && THE_SAME.contains(language.word()), key + ": " + said);
        }
      }
    }
  }

  @Test
  public void whatIsMissingIsSaidSo() {
    var fault = assertFault("nothing.like.this");
    assertTrue(fault.contains("nothing.like.this has no words in \"en\""), fault);
    assertThrows(WordsFault.class, () -> Words.in(Language.EN).say("letter.about"));
  }

  private static String assertFault(String key) {
    try {
      Words.in(Language.EN).say(key);
    } catch (WordsFault fault) {
      return fault.getMessage();
    }
    throw new AssertionError(key + " is said");
  }
}
