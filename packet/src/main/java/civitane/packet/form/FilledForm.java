package civitane.packet.form;

import civitane.core.facts.Form;
import civitane.core.rules.Entitlement;
import civitane.core.time.Quarter;
import civitane.packet.PacketShape;
import civitane.packet.shape.Shape;
import civitane.words.Language;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

import static civitane.core.facts.Known.known;

/** A packet in the making from the fields of a form. */
final class FilledForm {
  private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
  private static final Pattern INDEX = Pattern.compile("\\d+");
  private static final String PEOPLE = "/household/people";

  private final List<? extends Entitlement<?>> services;
  private final LocalDate on;
  private final Language language;
  private final Map<String, FormField> fields = new LinkedHashMap<>();
  private final Map<String, JsonNode> values = new LinkedHashMap<>();
  private final Map<String, String> sections = new HashMap<>();
  private final Set<String> unread = new HashSet<>();
  private final List<FormFault> faults = new ArrayList<>();
  private final Map<String, String> placesByPointer = new LinkedHashMap<>();

  FilledForm(Entitlement<?> service, LocalDate on, Language language) {
    this(List.of(service), on, language);
  }

  /** @param services in the order of the requests */
  FilledForm(List<? extends Entitlement<?>> services, LocalDate on, Language language) {
    this.services = services;
    this.on = on;
    this.language = language;
  }

  void put(String section, FormField field, String text) {
    fields.put(field.name(), field);
    sections.put(field.name(), section);
    var value = FormText.read(text, field.shape(), on);
    if (value.isEmpty()) {
      unread.add(field.name());
      faults.add(new FormFault(
          label(field), "\"" + text + "\" can't be read here", FormText.expected(field)));
    } else {
      values.put(field.name(), value.get());
    }
  }

  /** A field that the form has today no more: the money of an earlier quarter. */
  void putElsewhere(String name, String text) {
    var last = name.substring(name.lastIndexOf('/') + 1);
    if (FormLayout.request(name).isPresent() && Quarter.isWritten(last)) {
      put("", new FormField(name, last, Shape.of(Form.MONEY), List.of()), text);
    }
  }

  /** The places of the packet that fields made. */
  Set<String> pointers() {
    return Set.copyOf(placesByPointer.keySet());
  }

  /** The fields in which something stands that can't be read, or goes against another. */
  Set<String> unread() {
    var all = new HashSet<>(unread);
    all.addAll(contradicted());
    return all;
  }

  List<FormFault> faults() {
    var all = new ArrayList<>(faults);
    contradicted()
        .forEach(name -> all.add(new FormFault(
            label(known(fields.get(name))),
            "it is ticked, and something is filled in all the same",
            "one of the two")));
    return all;
  }

  /** The ticks that say that there is none of something of which there is some. */
  private List<String> contradicted() {
    return values.entrySet().stream()
        .filter(one -> one.getKey().endsWith(FormField.MARK) && one.getValue().booleanValue())
        .map(Map.Entry::getKey)
        .filter(name -> {
          var list = name.substring(0, name.length() - FormField.MARK.length()) + "/";
          return values.keySet().stream().anyMatch(other -> other.startsWith(list));
        })
        .toList();
  }

  /** The label of the field that made a place in the packet; the place itself where none did. */
  String place(String pointer) {
    var name = placesByPointer.getOrDefault(pointer, pointer);
    var field = fields.get(name);
    if (field != null) {
      return label(field);
    }
    // What is missing has no field that was filled; it is named by the entry it belongs to.
    return fields.values().stream()
        .filter(one -> placed(one.name())
            .startsWith(pointer.substring(0, Math.max(0, pointer.lastIndexOf('/'))) + "/"))
        .findFirst()
        .map(one -> entry(label(one)) + question(pointer))
        .orElse(pointer);
  }

  /** The entry of a list that a label begins with; nothing where the field stands in none. */
  private static String entry(String label) {
    var colon = label.lastIndexOf(':');
    return colon < 0 ? "" : label.substring(0, colon) + ": ";
  }

  /** What a place in the packet asks. */
  private String question(String pointer) {
    var request = FormLayout.request(pointer);
    var path = request.isPresent()
        ? pointer.replaceFirst(
            "/requests/\\d+/answers", "/" + services.get(request.getAsInt()).word())
        : pointer;
    return Words.in(Language.EN)
        .question(path.substring(1).replaceAll("/\\d+", "").replace('/', '.'));
  }

  /** What stands before a field; a row's number alone would not say which of the lists it is in. */
  private String label(FormField field) {
    var section = sections.getOrDefault(field.name(), "");
    return Character.isDigit(field.label().charAt(0)) && !section.isEmpty()
        ? section + ", " + field.label()
        : field.label();
  }

  /** Whether something was written for a place and could not be read, so that nobody need be told that it is missing. */
  boolean isUnread(String pointer) {
    var parent = pointer.substring(0, Math.max(0, pointer.lastIndexOf('/')) + 1);
    var key = pointer.substring(parent.length());
    return unread.contains(pointer)
        || placesByPointer.entrySet().stream()
            .filter(entry -> entry.getKey().startsWith(parent))
            .map(entry ->
                entry.getValue().substring(0, entry.getValue().lastIndexOf('/') + 1) + key)
            .anyMatch(unread::contains);
  }

  private String placed(String name) {
    return placesByPointer.entrySet().stream()
        .filter(entry -> entry.getValue().equals(name))
        .map(Map.Entry::getKey)
        .findFirst()
        .orElse(name);
  }

  ObjectNode packet() {
    var packet = JSON.objectNode();
    packet
        .put("format", PacketShape.FORMAT)
        .put("version", PacketShape.VERSION)
        .put("lodgedOn", on.toString())
        .put("channel", "file")
        .put("language", language.word());
    var household = packet.putObject("household");
    household.putObject("address");
    for (var list : new String[] {"people", "incomes", "noIncome", "assets"}) {
      household.putArray(list);
    }
    var requests = packet.putArray("requests");
    services.forEach(
        service -> requests.addObject().put("service", service.word()).putObject("answers"));
    packet.putArray("papers");
    packet.putArray("signatures");
    var people = ids();
    values.forEach((name, value) -> {
      if (name.contains(FormField.MARK)) {
        mark(packet, name, value, people);
      } else {
        set(packet, name, value, people);
      }
    });
    complete(packet, people);
    return packet;
  }

  /** The people who were filled in, by their row; p1 is always the one who applies. */
  private Map<Integer, String> ids() {
    var ids = new TreeMap<Integer, String>();
    ids.put(0, "p1");
    values.keySet().stream()
        .filter(name -> name.startsWith(PEOPLE + "/"))
        .map(name -> Integer.parseInt(name.split("/")[3]))
        .forEach(row -> ids.putIfAbsent(row, "p" + (row + 1)));
    return ids;
  }

  private void mark(ObjectNode packet, String name, JsonNode value, Map<Integer, String> people) {
    var at = name.substring(0, name.indexOf(FormField.MARK));
    var mark = name.substring(at.length() + 1);
    if (!value.booleanValue() || contradicted().contains(name)) {
      return;
    }
    if (at.equals("/household/noIncome")) {
      packet
          .withObject("/household")
          .withArray("noIncome")
          .addObject()
          .put(
              "person",
              people.getOrDefault(Integer.parseInt(mark), "p" + (Integer.parseInt(mark) + 1)));
    } else if (mark.isEmpty()) {
      set(packet, at, JSON.stringNode("none"), people);
    } else {
      answers(packet, at).withArray(at.substring(at.lastIndexOf('/') + 1)).add(mark);
    }
  }

  private static ObjectNode answers(ObjectNode packet, String place) {
    return (ObjectNode) packet.at("/requests/" + FormLayout.request(place).orElse(0) + "/answers");
  }

  /** Sets a value; rows that were left out on the form leave no hole in the packet. */
  private void set(ObjectNode packet, String name, JsonNode value, Map<Integer, String> people) {
    var steps = name.substring(1).split("/");
    JsonNode at = packet;
    var pointer = new StringBuilder();
    for (var i = 0; i < steps.length; i++) {
      var last = i == steps.length - 1;
      if (at instanceof ArrayNode list) {
        var row = position(name, steps, i, people);
        while (list.size() <= row) {
          list.addObject();
        }
        pointer.append('/').append(row);
        at = list.get(row);
      } else {
        var object = (ObjectNode) at;
        pointer.append('/').append(steps[i]);
        if (last) {
          object.set(steps[i], value);
        } else if (!object.has(steps[i])) {
          at = INDEX.matcher(steps[i + 1]).matches()
              ? object.putArray(steps[i])
              : object.putObject(steps[i]);
        } else {
          at = object.get(steps[i]);
        }
      }
    }
    placesByPointer.put(pointer.toString(), name);
  }

  /** Which entry of the list a row of the form is, counting only those that were filled in. */
  private int position(String name, String[] steps, int i, Map<Integer, String> people) {
    var row = Integer.parseInt(steps[i]);
    var list = "/" + String.join("/", List.of(steps).subList(0, i)) + "/";
    var before = list.equals(PEOPLE + "/")
        ? people.keySet().stream().filter(one -> one < row).count()
        : values.keySet().stream()
            .filter(other -> other.startsWith(list) && !other.contains(FormField.MARK))
            .map(other -> Integer.parseInt(other.substring(list.length()).split("/")[0]))
            .distinct()
            .filter(one -> one < row)
            .count();
    return (int) before;
  }

  private static void complete(ObjectNode packet, Map<Integer, String> people) {
    var rows = List.copyOf(people.values());
    var list = (ArrayNode) packet.at(PEOPLE);
    while (list.size() < rows.size()) {
      list.addObject();
    }
    for (var i = 0; i < list.size(); i++) {
      var person = (ObjectNode) list.get(i);
      person.put("id", rows.get(i));
      if (i == 0) {
        person.put("role", "applicant");
      }
    }
    var incomes = (ArrayNode) packet.at("/household/incomes");
    for (var i = 0; i < incomes.size(); i++) {
      var income = (ObjectNode) incomes.get(i);
      income.put("id", "i" + (i + 1));
      if (!income.has("person")) {
        income.put("person", "p1");
      }
    }
    packet
        .withArray("signatures")
        .forEach(signature -> ((ObjectNode) signature).put("person", "p1").put("method", "pen"));
  }
}
