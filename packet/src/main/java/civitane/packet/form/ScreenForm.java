package civitane.packet.form;

import civitane.core.facts.Form;
import civitane.core.rules.Entitlement;
import civitane.packet.shape.Shape;
import civitane.words.Language;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The forms of services on a screen, as one: the same questions as on paper, a group at a time, in the language that is read. */
public final class ScreenForm {
  /** Who signs does so on a page of its own. */
  private static final String SIGNATURES = "/signatures/";

  private static final String HOUSEHOLD = "/household/";
  private static final String NO_INCOME = HOUSEHOLD + "noIncome";

  private final List<? extends Entitlement<?>> services;
  private final LocalDate on;
  private final Language language;
  private final Words words;
  private final List<FormSection> sections;

  /**
   * @param services in the order of the requests
   * @param on the day it is asked on, by which it asks for quarters
   */
  public ScreenForm(List<? extends Entitlement<?>> services, LocalDate on, Language language) {
    this.services = services;
    this.on = on;
    this.language = language;
    this.words = Words.in(language);
    this.sections = FormLayout.of(services, on, words).stream()
        .filter(section -> fields(section).noneMatch(field -> field.name().startsWith(SIGNATURES)))
        .toList();
  }

  /** Questions that belong together. */
  public record Group(String title, List<Ask> asks) {}

  /**
   * A question.
   *
   * @param name by which its answer is known; the place in the packet it stands for, or what is marked there
   * @param choices what can be chosen; one where it is ticked or not, empty where it is typed; beside a text, what is
   *     proposed to be typed
   */
  public record Ask(String name, String label, Form form, List<Choice> choices) {}

  /** Something to choose, and how it is said. */
  public record Choice(String word, String said) {}

  public List<Group> groups() {
    var asking = new Asking(words);
    return sections.stream()
        .map(section ->
            new Group(title(section), fields(section).map(asking::ask).toList()))
        .toList();
  }

  /** By which names the questions are known, marks of one question each by its own. */
  public Set<String> names() {
    return sections.stream()
        .flatMap(ScreenForm::fields)
        .map(FormField::name)
        .collect(Collectors.toUnmodifiableSet());
  }

  private String title(FormSection section) {
    return fields(section).anyMatch(field -> field.name().startsWith(NO_INCOME))
        ? words.say("letter.form.whoHasNone")
        : section.title();
  }

  private static Stream<FormField> fields(FormSection section) {
    return section.rows().stream().flatMap(List::stream);
  }

  /** What stands in a packet for each question that has an answer, as it would be typed. */
  public Map<String, String> written(JsonNode packet) {
    var written = new LinkedHashMap<String, String>();
    var people = Sheet.ids(packet);
    sections.stream().flatMap(ScreenForm::fields).forEach(field -> {
      if (field.isMark()) {
        if (isMarked(field.name(), packet, people)) {
          written.put(field.name(), FormLayout.YES);
        }
      } else {
        var value = packet.at(JsonPointer.compile(field.name()));
        if (!value.isMissingNode() && !value.isNull() && !isNone(value, field.shape())) {
          written.put(field.name(), FormText.written(value, field.shape(), people));
        }
      }
    });
    return written;
  }

  /** Whether a word stands where a list could: none of them is not one of them. */
  private static boolean isNone(JsonNode value, Shape shape) {
    return value.isString() && shape.is(Form.LIST);
  }

  private static boolean isMarked(String name, JsonNode packet, List<String> people) {
    var at = name.substring(0, name.indexOf(FormField.MARK));
    var mark = name.substring(at.length() + 1);
    var value = packet.at(JsonPointer.compile(at));
    if (at.equals(NO_INCOME)) {
      var row = Integer.parseInt(mark);
      return row < people.size()
          && value
              .valueStream()
              .anyMatch(one -> people.get(row).equals(one.path("person").asString("")));
    }
    return mark.isEmpty()
        ? value.isString()
        : value.valueStream().anyMatch(one -> mark.equals(one.asString("")));
  }

  /**
   * A packet in the making.
   *
   * @param unread the questions in whose place something stands that can't be their answer
   */
  public record Filled(ObjectNode packet, Set<String> unread) {}

  /** The packet that answers make, and what of them can't be read; what the form does not ask is left out. */
  public Filled filled(Map<String, String> written) {
    var filled = new FilledForm(services, on, language);
    var asked = new HashSet<String>();
    for (var section : sections) {
      fields(section).forEach(field -> {
        var text = written.getOrDefault(field.name(), "").strip();
        if (!text.isEmpty() && asked.add(field.name())) {
          filled.put(section.title(), field, text);
        }
      });
    }
    return new Filled(filled.packet(), filled.unread());
  }
}
