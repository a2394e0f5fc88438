package civitane.packet.form;

import civitane.core.facts.Form;
import civitane.core.rules.Entitlement;
import civitane.packet.PacketShape;
import civitane.packet.form.ScreenForm.Ask;
import civitane.packet.shape.Shape;
import civitane.words.Language;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * The questions that answer one thing that is wanted of a household: a fact, a group of facts, a whole list, or what
 * somebody lives on.
 */
public final class PlaceForm {
  /** What somebody of a packet lives on, with their id behind it. */
  public static final String LIVES_ON = "income:";

  private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
  private static final String HOUSEHOLD = "/household/";
  private static final String INCOMES = HOUSEHOLD + "incomes";
  private static final String NO_INCOME = HOUSEHOLD + "noIncome";
  /** Lists of which a household may also say that there is nothing in them. */
  private static final Set<String> LISTS =
      Set.of(HOUSEHOLD + "expenses", HOUSEHOLD + "assets", HOUSEHOLD + "benefits");

  /** A claim is about one request. */
  private static final String ANSWERS = "/requests/0/answers/";

  private static final Pattern ROW_OF_ANSWER = Pattern.compile("(" + ANSWERS + "[^/]+)/\\d+/");

  private final Entitlement<?> service;
  private final LocalDate on;
  private final Words words;
  private final Asking asking;
  private final List<FormField> fields;

  /** @param on the day it is asked on, by which it asks for quarters */
  public PlaceForm(Entitlement<?> service, LocalDate on, Language language) {
    this.service = service;
    this.on = on;
    this.words = Words.in(language);
    this.asking = new Asking(words);
    this.fields = FormLayout.of(service, on, words).stream()
        .flatMap(section -> section.rows().stream().flatMap(List::stream))
        .toList();
  }

  /**
   * What is to stand at a place of a packet.
   *
   * @param place a JSON Pointer; with {@code -} at its end for one more entry of a list
   */
  public record Value(String place, JsonNode value) {}

  /**
   * Answers that were read.
   *
   * @param values empty where nothing was typed
   * @param unread the questions to which something was typed that can't be their answer, or goes against another
   * @param missing those without which an entry of a list says nothing
   */
  public record Answered(List<Value> values, Set<String> unread, Set<String> missing) {
    /** Whether nothing stands against it. */
    public boolean isWhole() {
      return unread.isEmpty() && missing.isEmpty();
    }
  }

  /**
   * The questions that answer a place; none where a form has none for it. Where several words answer one, its form is a
   * list with choices.
   */
  public List<Ask> asking(String place) {
    return answering(place).stream().map(asking::ask).toList();
  }

  /** Whether what answers a place is a list of entries. */
  public boolean isList(String place) {
    return answering(place).stream().anyMatch(field -> field.name().startsWith(place + "/0/"));
  }

  private List<FormField> answering(String place) {
    if (place.startsWith(LIVES_ON)) {
      return Stream.concat(
              Stream.of(none(NO_INCOME, words.question("household.noIncome"))),
              below(INCOMES).filter(field -> !field.shape().is(Form.PERSON)))
          .toList();
    }
    var alone = severalWords(place).or(() -> field(place));
    if (LISTS.contains(place)) {
      var asked = words.say("letter.form.none", "question", words.question(path(place)));
      return Stream.concat(
              Stream.of(none(place, asked)), alone.map(Stream::of).orElseGet(() -> below(place)))
          .toList();
    }
    return alone
        .map(List::of)
        .orElseGet(() -> place.startsWith(ANSWERS) ? below(place).toList() : List.of());
  }

  /** The fields of a group or list, and the mark that there is none of it. */
  private Stream<FormField> below(String place) {
    var found = new LinkedHashMap<String, FormField>();
    fields.stream()
        .filter(field ->
            field.name().equals(place + FormField.MARK) || field.name().startsWith(place + "/"))
        .forEach(field -> {
          var name = isWord(field) ? base(field) : field.name();
          found.computeIfAbsent(name, at -> severalWords(at).orElse(field));
        });
    return found.values().stream();
  }

  private static FormField none(String place, String label) {
    return new FormField(
        place + FormField.MARK,
        label,
        Shape.of(Form.FLAG),
        List.of(new FormOption(FormLayout.YES, label)));
  }

  /** A field of the form, one as in the first row of its list, or any single fact of the household. */
  private Optional<FormField> field(String place) {
    var row = ROW_OF_ANSWER.matcher(place);
    var first = row.find() ? row.replaceFirst("$1/0/") : place;
    return fields.stream()
        .filter(field -> !field.isMark() && field.name().equals(first))
        .findFirst()
        .map(field -> new FormField(
            place, field.asked(), field.asked(), field.shape(), field.options(), field.proposed()))
        .or(() -> FormLayout.fact(place, words));
  }

  // Questions that several words answer, which have a mark for each on paper

  private Optional<FormField> severalWords(String place) {
    var marks = fields.stream()
        .filter(field -> isWord(field) && base(field).equals(place))
        .toList();
    if (marks.isEmpty()) {
      return Optional.empty();
    }
    var asked = words.question(path(place));
    var options = marks.stream()
        .map(mark -> new FormOption(word(mark), said(mark, asked)))
        .toList();
    return Optional.of(new FormField(place, asked, Shape.of(Form.LIST), options));
  }

  /** A choice as it is said below its question, which is not said with each. */
  private String said(FormField mark, String asked) {
    var before = words.say("letter.form.within", "group", asked, "question", "");
    return mark.asked().startsWith(before) ? mark.asked().substring(before.length()) : mark.asked();
  }

  private static boolean isWord(FormField field) {
    return field.isMark() && !word(field).isEmpty() && !base(field).equals(NO_INCOME);
  }

  private static String base(FormField mark) {
    return mark.name().substring(0, mark.name().indexOf(FormField.MARK));
  }

  private static String word(FormField mark) {
    return mark.name().substring(mark.name().indexOf(FormField.MARK) + FormField.MARK.length());
  }

  /** Where the words of the question of a place stand. */
  private String path(String place) {
    var path = place.startsWith(ANSWERS)
        ? service.word() + "/" + place.substring(ANSWERS.length())
        : place.substring(1);
    return path.replaceAll("/\\d+", "").replace('/', '.');
  }

  // Answers

  /**
   * Reads what was typed to the questions of a place; what they do not ask is left out.
   *
   * @param typed by the names of the questions; where several words answer one, those with commas between
   */
  public Answered read(String place, Map<String, String> typed) {
    var values = new LinkedHashMap<String, JsonNode>();
    var unread = new LinkedHashSet<String>();
    for (var field : answering(place)) {
      var text = typed.getOrDefault(field.name(), "").strip();
      if (!text.isEmpty()) {
        read(field, text)
            .ifPresentOrElse(
                value -> values.put(field.name(), value), () -> unread.add(field.name()));
      }
    }
    var isOfSomebody = place.startsWith(LIVES_ON);
    var list = isOfSomebody ? INCOMES : place;
    var none = (isOfSomebody ? NO_INCOME : place) + FormField.MARK;
    var mark = values.remove(none);
    var isNone = mark != null && mark.booleanValue();
    if (isNone && !values.isEmpty()) {
      unread.add(none);
    }
    var rows = TypedRows.of(list, values);
    var missing = rows.missing(shape(list));
    missing.retainAll(answering(place).stream().map(FormField::name).toList());
    if (isOfSomebody) {
      var person = place.substring(LIVES_ON.length());
      return new Answered(
          isNone ? List.of(noIncome(person)) : incomes(person, rows), unread, missing);
    }
    return new Answered(isNone ? List.of(none(place)) : told(place, values, rows), unread, missing);
  }

  private Optional<JsonNode> read(FormField field, String text) {
    return field.shape().is(Form.LIST) && !field.options().isEmpty()
        ? chosen(text, field.options().stream().map(FormOption::word).toList())
        : FormText.read(text, field.shape(), on);
  }

  private static Optional<JsonNode> chosen(String text, List<String> words) {
    var chosen = Stream.of(text.split(",")).map(String::strip).distinct().toList();
    var all = JSON.arrayNode();
    chosen.forEach(all::add);
    return words.containsAll(chosen) ? Optional.of(all) : Optional.empty();
  }

  private @Nullable Shape shape(String place) {
    if (place.startsWith(ANSWERS)) {
      return Shape.of(service.answers()).below(place.substring(ANSWERS.length()));
    }
    return place.startsWith(HOUSEHOLD)
        ? PacketShape.HOUSEHOLD.below(place.substring(HOUSEHOLD.length()))
        : null;
  }

  private static List<Value> told(String place, Map<String, JsonNode> values, TypedRows rows) {
    return rows.isEmpty()
        ? values.entrySet().stream()
            .map(one -> new Value(one.getKey(), one.getValue()))
            .toList()
        : List.of(new Value(place, rows.list()));
  }

  private static Value none(String place) {
    return new Value(place, LISTS.contains(place) ? JSON.arrayNode() : JSON.stringNode("none"));
  }

  private static Value noIncome(String person) {
    return new Value(NO_INCOME + "/-", JSON.objectNode().put("person", person));
  }

  private static List<Value> incomes(String person, TypedRows rows) {
    var all = rows.inOrder();
    return IntStream.range(0, all.size())
        .mapToObj(i -> all.get(i).put("id", person + "n" + (i + 1)).put("person", person))
        .map(income -> new Value(INCOMES + "/-", income))
        .toList();
  }
}
