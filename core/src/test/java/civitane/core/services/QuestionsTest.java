package civitane.core.services;

import civitane.core.rules.Question;
import civitane.core.rules.Service;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** The answers a service reads and the questions it declares are the same. */
public class QuestionsTest {
  private static final Path SOURCES = Path.of("src/main/java/civitane/core");
  private static final Pattern READ = Pattern.compile(
      "\\.(?:text|number|flag|date|month|group|groups|texts|months|has|needs|uses)\\(\\s*\"([^\"]+)\"");

  @DataProvider
  public static Iterator<Object[]> services() {
    return Services.all().stream().map(service -> new Object[] {service}).iterator();
  }

  @Test(dataProvider = "services")
  public void nothingIsReadThatIsNotAsked(Service service) throws IOException {
    var asked = new TreeSet<String>();
    keys(service.questions(), asked);
    for (var read : read(service)) {
      assertTrue(
          asked.contains(read), service.word() + " reads " + read + ", which it does not ask");
    }
  }

  @Test(dataProvider = "services")
  public void nothingIsAskedForTheRulesThatTheyDoNotRead(Service service) throws IOException {
    var sources = sources(service);
    for (var key : weighed(service.questions())) {
      var told = Pattern.compile(
              "(?<!Question\\.(?:of|choice|group)\\()\"(?:[^\"]*/)?" + key + "\"")
          .matcher(sources);
      var named = Pattern.compile("String [A-Z_]+ =\\s+\"" + key + "\"").matcher(sources);
      assertTrue(count(told) > 0 || named.find(), service.word() + " never reads " + key);
    }
  }

  private static int count(java.util.regex.Matcher matcher) {
    var found = 0;
    while (matcher.find()) {
      found++;
    }
    return found;
  }

  private static Set<String> weighed(List<Question> questions) {
    var keys = new TreeSet<String>();
    for (var question : questions) {
      if (question.weighed() && question.parts().isEmpty()) {
        keys.add(question.key());
      }
      keys.addAll(weighed(question.parts()));
    }
    return keys;
  }

  private static String sources(Service service) throws IOException {
    // Two rules that several services share read an answer for them.
    var all = new StringBuilder(Files.readString(SOURCES.resolve("rules/TimeLimit.java")));
    all.append(Files.readString(SOURCES.resolve("rules/Hardship.java")));
    try (Stream<Path> files = Files.list(folder(service))) {
      for (var file : files.toList()) {
        all.append(Files.readString(file));
      }
    }
    return all.toString();
  }

  private static Path folder(Service service) {
    return SOURCES.resolve("services/" + service.word().toLowerCase(java.util.Locale.ROOT));
  }

  @Test(dataProvider = "services")
  public void everyQuestionHasAKeyOfItsOwnAndKnowsItsCondition(Service service) {
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
        assertTrue(
            other.options().isEmpty()
                || other.options().containsAll(question.when().answers()),
            question.key());
      }
      distinct(question.parts());
    }
  }

  private static void keys(List<Question> questions, Set<String> into) {
    questions.forEach(question -> {
      into.add(question.key());
      keys(question.parts(), into);
    });
  }

  private static Set<String> read(Service service) throws IOException {
    var found = new TreeSet<String>();
    try (Stream<Path> files = Files.list(folder(service))) {
      for (var file : files.filter(path -> !path.toString().contains("Terms")).toList()) {
        var source = Files.readString(file).replaceAll("(?s)record Terms.*?\\n  }\\n", "");
        var matcher = READ.matcher(source);
        while (matcher.find()) {
          for (var key : matcher.group(1).split("/")) {
            if (!key.isEmpty() && !key.startsWith("household")) {
              found.add(key);
            }
          }
        }
      }
    }
    return found;
  }
}
