package civitane.packet.form;

import civitane.core.facts.Form;
import civitane.core.rules.Entitlement;
import civitane.core.rules.QuickCheck.Fact;
import civitane.packet.shape.Shape;
import civitane.words.Language;
import civitane.words.Words;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a first look at a service asks, on a screen: how many live there, where, what comes in and what is owned, each
 * together, and those of the service's own questions that decide.
 */
public final class FirstLookForm {
  private static final String ANSWERS = "/requests/0/answers/";
  private static final Map<Fact, List<String>> FIELDS = Map.of(
      Fact.PEOPLE, List.of("adults", "from14", "under14"),
      Fact.POSTCODE, List.of("postcode"),
      Fact.INCOME, List.of("monthly"),
      Fact.OWNED, List.of("owned"));
  private static final Map<String, Form> FORMS = Map.of(
      "adults", Form.WHOLE,
      "from14", Form.WHOLE,
      "under14", Form.WHOLE,
      "postcode", Form.TEXT,
      "monthly", Form.MONEY,
      "owned", Form.MONEY);

  private final Entitlement<?> service;
  private final ScreenForm questions;
  private final LocalDate on;
  private final Words words;

  public FirstLookForm(Entitlement<?> service, LocalDate on, Language language) {
    this.service = service;
    this.questions = new ScreenForm(List.of(service), on, language);
    this.on = on;
    this.words = Words.in(language);
  }

  /** What is asked, group by group: of the household first. */
  public List<ScreenForm.Group> groups() {
    var facts = service.quickCheck().facts();
    var household = Stream.of(Fact.PEOPLE, Fact.POSTCODE, Fact.INCOME, Fact.OWNED)
        .filter(facts::contains)
        .flatMap(fact -> FIELDS.getOrDefault(fact, List.of()).stream())
        .map(this::ask)
        .toList();
    var deciding = questions.groups().stream()
        .map(group -> new ScreenForm.Group(
            group.title(),
            group.asks().stream().filter(ask -> decides(ask.name())).toList()))
        .filter(group -> !group.asks().isEmpty());
    return household.isEmpty()
        ? deciding.toList()
        : Stream.concat(Stream.of(new ScreenForm.Group("", household)), deciding)
            .toList();
  }

  private ScreenForm.Ask ask(String name) {
    return new ScreenForm.Ask(name, words.say("letter.first." + name), form(name), List.of());
  }

  private static Form form(String name) {
    return FORMS.getOrDefault(name, Form.TEXT);
  }

  private boolean decides(String name) {
    return name.startsWith(ANSWERS)
        && service
            .quickCheck()
            .answers()
            .contains(name.substring(ANSWERS.length()).replaceFirst("[/#].*", ""));
  }

  /**
   * What was told.
   *
   * @param answers to the service's own questions
   * @param unread the questions in whose place something stands that can't be their answer
   */
  public record Told(
      Map<String, BigDecimal> numbers,
      @Nullable String postcode,
      JsonNode answers,
      Set<String> unread) {}

  /** Reads what was typed; what is not asked is left out. */
  public Told read(Map<String, String> typed) {
    var numbers = new HashMap<String, BigDecimal>();
    var unread = new HashSet<String>();
    groups().stream()
        .flatMap(group -> group.asks().stream())
        .map(ScreenForm.Ask::name)
        .filter(name -> FORMS.containsKey(name) && form(name) != Form.TEXT)
        .forEach(name -> {
          var text = typed.getOrDefault(name, "");
          if (!text.isBlank()) {
            number(text, form(name))
                .ifPresentOrElse(number -> numbers.put(name, number), () -> unread.add(name));
          }
        });
    var answers = new HashMap<String, String>();
    typed.forEach((name, text) -> {
      if (decides(name)) {
        answers.put(name, text);
      }
    });
    var filled = questions.filled(answers);
    unread.addAll(filled.unread());
    return new Told(
        numbers, typed.get("postcode"), filled.packet().at("/requests/0/answers"), unread);
  }

  /** Nobody has less than nothing, and people are whole. */
  private Optional<BigDecimal> number(String text, Form form) {
    return FormText.read(text.strip(), Shape.of(form), on)
        .map(JsonNode::decimalValue)
        .filter(number -> number.signum() >= 0)
        .filter(number -> form == Form.MONEY || number.stripTrailingZeros().scale() <= 0);
  }

  /** Where the people of a first look have no names, they are told by what they are and their number. */
  public void name(ObjectNode packet) {
    var grown = 0;
    var children = 0;
    for (var person : packet.at("/household/people")) {
      var isChild = "child".equals(person.path("role").asString(""));
      var number = BigDecimal.valueOf(isChild ? ++children : ++grown);
      ((ObjectNode) person)
          .put(
              "givenName",
              words.say(isChild ? "letter.first.child" : "letter.first.grown", "n", number));
    }
  }
}
