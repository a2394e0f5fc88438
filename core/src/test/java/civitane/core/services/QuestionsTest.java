package civitane.core.services;

import civitane.core.facts.Word;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Question;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What a service asks is what its rules read. */
public class QuestionsTest {
  private static final Path SOURCES = Path.of("src/main/java/civitane/core/services");

  @DataProvider
  public static Iterator<Object[]> services() {
    return Services.all().stream().map(service -> new Object[] {service}).iterator();
  }

  @Test(dataProvider = "services")
  public void everyQuestionHasAKeyOfItsOwnAndKnowsItsCondition(Entitlement<?> service) {
    distinct(service.questions());
  }

  private static void distinct(List<Question> questions) {
    var keys = questions.stream().map(Question::key).toList();
    assertEquals(Set.copyOf(keys).size(), keys.size(), keys.toString());
    for (var question : questions) {
      if (question.when() != null) {
        var other = questions.stream()
            .filter(one -> one.key().equals(question.when().key()))
            .findFirst()
            .orElseThrow();
        var words = other.options() == null ? List.of("true", "false") : other.words();
        assertTrue(words.containsAll(question.when().answers()), question.key());
      }
      distinct(question.parts());
    }
  }

  @Test
  public void groundsAndEmergenciesStandUnderQuestionsOfTheirOwn() {
    var grounds = question("valueReview", "grounds");
    assertEquals(
        grounds.sets().keySet().stream().map(Word::word).toList(),
        List.of("othersCost", "recordWrong", "thePlace"));
    assertEquals(
        grounds.sets().values().stream().mapToInt(List::size).sum(),
        grounds.words().size());
    assertEquals(grounds.optionsBy(), "propertyClass");
    var urgent = question("legalAdvice", "urgent").parts().get(0);
    assertEquals(urgent.sets().size(), 3);
    assertEquals(
        urgent.sets().values().stream().mapToInt(List::size).sum(),
        urgent.words().size());
    assertTrue(question("rentRelief", "hardship").sets().isEmpty());
  }

  private static Question question(String service, String key) {
    return Services.named(service).orElseThrow().questions().stream()
        .filter(one -> one.key().equals(key))
        .findFirst()
        .orElseThrow();
  }

  @Test(dataProvider = "services")
  public void nothingIsAskedForTheRulesThatTheyDoNotRead(Entitlement<?> service)
      throws IOException {
    var sources = sources(service);
    weighed(service.questions())
        .forEach(key -> assertTrue(
            // Once it is declared; read it is named again.
            Pattern.compile("\\b" + key + "\\b").matcher(sources).results().count() > 1,
            service.word() + " never reads " + key));
  }

  private static Stream<String> weighed(List<Question> questions) {
    return questions.stream()
        .flatMap(question -> question.parts().isEmpty()
            ? Stream.of(question).filter(Question::weighed).map(Question::key)
            : weighed(question.parts()));
  }

  private static String sources(Entitlement<?> service) throws IOException {
    var all = new StringBuilder();
    var folder = SOURCES.resolve(service.word().toLowerCase(Locale.ROOT));
    try (Stream<Path> files = Files.list(folder)) {
      for (var file : files.toList()) {
        all.append(Files.readString(file).replaceAll("\"[^\"\n]*\"|\\* @param.*", ""));
      }
    }
    return all.toString();
  }

  @Test
  public void nobodyWhoAnswersNothingIsTurnedAway() {
    for (var service : Services.all()) {
      assertEquals(service.nothingAnswered(), service.nothingAnswered(), service.word());
      assertEquals(
          service.questions().size(),
          service.answers().getRecordComponents().length,
          service.word());
    }
  }
}
