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
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

import static civitane.core.facts.Known.known;

/** The forms of services on a screen, as one: the same questions as on paper, a group at a time, in the language that is read. */
public final class ScreenForm {
  /** Who signs does so on a page of its own. */
  private static final String SIGNATURES = "/signatures/";

  private static final String HOUSEHOLD = "/household/";
  private static final String NO_INCOME = HOUSEHOLD + "noIncome";
  private static final Pattern REQUEST = Pattern.compile("/requests/(\\d+)/answers(/.*)");

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
    return sections.stream()
        .map(section -> new Group(title(section), fields(section).map(this::ask).toList()))
        .toList();
  }

  /** By which names the questions are known, marks of one question each by its own. */
  public Set<String> names() {
    return sections.stream()
        .flatMap(ScreenForm::fields)
        .map(FormField::name)
        .collect(Collectors.toUnmodifiableSet());
  }

  private Ask ask(FormField field) {
    return new Ask(
        field.name(),
        label(field),
        known(field.shape().form()),
        Stream.concat(field.options().stream(), field.proposed().stream())
            .map(option -> new Choice(option.word(), option.said()))
            .toList());
  }

  /** On paper people are named by their numbers, and marks are put beside them. */
  private String label(FormField field) {
    if (field.name().startsWith(HOUSEHOLD) && field.shape().is(Form.PERSON)) {
      return words.say("letter.form.whose");
    }
    return field.name().matches(HOUSEHOLD + "people/\\d+/role")
        ? words.say("letter.form.whoToYou")
        : field.asked();
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
   * The question that a place of a packet answers; none where the form has no such question. Where several words answer
   * it, its form is a list, with each mark as a choice.
   */
  public Optional<Ask> asking(String place) {
    var marks = marks(place);
    return marks.isEmpty() ? field(place).map(this::ask) : Optional.of(several(place, marks));
  }

  private Ask several(String place, List<FormField> marks) {
    var asked = words.question(path(place));
    return new Ask(
        place,
        asked,
        Form.LIST,
        marks.stream()
            .map(mark -> new Choice(word(mark, place), said(mark, asked)))
            .toList());
  }

  /** A choice as it is said below its question, which is not said with each. */
  private String said(FormField mark, String asked) {
    var before = words.say("letter.form.within", "group", asked, "question", "");
    return mark.asked().startsWith(before) ? mark.asked().substring(before.length()) : mark.asked();
  }

  /**
   * An answer to the question of a place; empty where it can't be one, or there is no such question.
   *
   * @param text what was typed; where several words answer it, those with commas between
   */
  public Optional<JsonNode> read(String place, String text) {
    var marks = marks(place);
    return marks.isEmpty()
        ? field(place).flatMap(field -> FormText.read(text.strip(), field.shape(), on))
        : chosen(text, marks.stream().map(mark -> word(mark, place)).toList());
  }

  private static Optional<JsonNode> chosen(String text, List<String> words) {
    var chosen = Stream.of(text.split(",")).map(String::strip).distinct().toList();
    return words.containsAll(chosen)
        ? Optional.of(JsonNodeFactory.instance
            .arrayNode()
            .addAll(chosen.stream()
                .map(JsonNodeFactory.instance::stringNode)
                .map(JsonNode.class::cast)
                .toList()))
        : Optional.empty();
  }

  /** The marks of a question that several words answer. */
  private List<FormField> marks(String place) {
    return sections.stream()
        .flatMap(ScreenForm::fields)
        .filter(field -> field.isMark()
            && !place.equals(NO_INCOME)
            && field.name().startsWith(place + FormField.MARK)
            && !word(field, place).isEmpty())
        .toList();
  }

  private static String word(FormField mark, String place) {
    return mark.name().substring(place.length() + FormField.MARK.length());
  }

  /** Where the words of the question of a place stand. */
  private String path(String place) {
    var request = REQUEST.matcher(place);
    var path = request.matches()
        ? services.get(Integer.parseInt(request.group(1))).word() + request.group(2)
        : place.substring(1);
    return path.replaceAll("/\\d+", "").replace('/', '.');
  }

  private Optional<FormField> field(String place) {
    return sections.stream()
        .flatMap(ScreenForm::fields)
        .filter(field -> !field.isMark() && field.name().equals(place))
        .findFirst();
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
