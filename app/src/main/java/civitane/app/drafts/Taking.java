package civitane.app.drafts;

import civitane.core.claims.Occasion;
import civitane.core.claims.OutsideDate;
import civitane.core.facts.Acting;
import civitane.core.facts.ActingRight;
import civitane.core.facts.LettersTo;
import civitane.core.facts.Vocabulary;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** How an application is taken, beside the facts: what was prefilled from where, and what a paper form left open. */
public final class Taking {
  private static final String MARKS = "marks";
  private static final String REACHED = "reached";
  private static final String OUTSIDE = "outside";
  private static final String CHANGE = "change";
  private static final String ACTOR = "actor";

  private final ObjectNode node;

  public Taking(JsonNode node) {
    this.node = (ObjectNode) node;
  }

  /** Marks a place in the packet as filled in from somewhere and not confirmed yet. */
  public void mark(String pointer, String from) {
    node.withObject("/" + MARKS).putObject(pointer).put("from", from).put("confirmed", false);
  }

  /** The places that were filled in and that nobody has confirmed, with where they are from. */
  public List<Map.Entry<String, String>> unconfirmed() {
    var open = new ArrayList<Map.Entry<String, String>>();
    node.path(MARKS).properties().forEach(mark -> {
      if (!mark.getValue().path("confirmed").asBoolean(false)) {
        open.add(Map.entry(mark.getKey(), mark.getValue().path("from").asString("")));
      }
    });
    return open;
  }

  /** The places a paper form left blank, or that nobody could read, by {@code leftBlank} or {@code illegible}. */
  public List<Map.Entry<String, String>> onPaper() {
    var open = new ArrayList<Map.Entry<String, String>>();
    node.path("paper")
        .properties()
        .forEach(place -> open.add(Map.entry(place.getKey(), place.getValue().asString(""))));
    return open;
  }

  /** The day it reached the office, where that is not the day it is typed: a post stamp, a form left at the counter. */
  public Optional<LocalDate> reachedOn() {
    var on = node.path(REACHED).path("on").asString("");
    try {
      return on.isBlank() ? Optional.empty() : Optional.of(LocalDate.parse(on));
    } catch (DateTimeParseException e) {
      return Optional.empty();
    }
  }

  /** What shows the day it reached the office; empty where nothing was noted. */
  public String reachedShownBy() {
    return node.path(REACHED).path("shownBy").asString("").strip();
  }

  /** The day that an answer should come before, as far as it can be read. */
  public Optional<OutsideDate> outside() {
    var told = node.path(OUTSIDE);
    var what = Vocabulary.of(Occasion.class).byWord().get(told.path("what").asString(""));
    try {
      var on = LocalDate.parse(told.path("on").asString(""));
      return what instanceof Occasion occasion
          ? Optional.of(
              new OutsideDate(occasion, on, told.path("shownBy").asString("").strip()))
          : Optional.empty();
    } catch (DateTimeParseException e) {
      return Optional.empty();
    }
  }

  /** Whether something was noted of a day that an answer should come before. */
  public boolean hasOutside() {
    return node.path(OUTSIDE)
        .propertyStream()
        .anyMatch(part -> !part.getValue().asString("").isBlank());
  }

  /** Whether it reports a change, and asks for nothing. */
  public boolean isChange() {
    return node.has(CHANGE);
  }

  /** Notes that it reports a change, from a day on. */
  public void changes(LocalDate on) {
    node.putObject(CHANGE).put("on", on.toString());
  }

  /** The day from which a change holds, as far as it can be read. */
  public Optional<LocalDate> changeOn() {
    return Optional.ofNullable(day(node.path(CHANGE).path("on").asString("")));
  }

  /** How a change was told: by phone, in a letter; empty where nothing was noted. */
  public String changeTold() {
    return node.path(CHANGE).path("told").asString("").strip();
  }

  /** Why the household wishes to be hurried; empty where it does not. */
  public String wish() {
    return node.path("hurry").asString("").strip();
  }

  /** What was decided of a household that may be the same: {@code joined} or {@code apart}; empty while nothing was. */
  public String decided(String household) {
    return node.path("duplicates").path(household).asString("");
  }

  /** Who acts for the household: {@code self}, {@code guardian}, {@code representative} or {@code organisation}. */
  public String actsAs() {
    return node.path("actsAs").asString("self");
  }

  public boolean isDeclared() {
    return node.path("declared").asBoolean(false);
  }

  public String actor() {
    return node.path(ACTOR).path("name").asString("").strip();
  }

  /** Whoever acts for the household, as far as they were named; nobody where it acts for itself. */
  public Optional<Acting> actsFor() {
    return isForAnother() && !actor().isEmpty()
        ? Optional.of(acting(node.path(ACTOR), right()))
        : Optional.empty();
  }

  /** Whether somebody else acts for the household. */
  public boolean isForAnother() {
    return !"self".equals(actsAs());
  }

  /** Those who act or may be spoken with for the household, as far as they were named. */
  public List<Acting> acting() {
    var acting = new ArrayList<Acting>();
    actsFor().ifPresent(acting::add);
    for (var permission : node.path("permissions")) {
      if (!permission.path("name").asString("").isBlank()) {
        acting.add(acting(permission, ActingRight.MAY_SPEAK));
      }
    }
    return acting;
  }

  private ActingRight right() {
    return Vocabulary.of(ActingRight.class).byWord().get(actsAs()) instanceof ActingRight right
        ? right
        : ActingRight.REPRESENTATIVE;
  }

  private static Acting acting(JsonNode told, ActingRight right) {
    return new Acting(
        told.path("name").asString("").strip(),
        right,
        right == ActingRight.ORGANISATION ? text(told, "speaker") : null,
        text(told, "contact"),
        text(told, "reachedAt"),
        text(told, "shownBy"),
        text(told, "scope"),
        day(told.path("until").asString("")),
        told.path("identityChecked").asBoolean(false),
        "acting".equals(told.path("letters").asString("")) ? LettersTo.ACTING : null);
  }

  private static @Nullable String text(JsonNode told, String key) {
    var text = told.path(key).asString("").strip();
    return text.isEmpty() ? null : text;
  }

  private static @Nullable LocalDate day(String text) {
    try {
      return text.isBlank() ? null : LocalDate.parse(text);
    } catch (DateTimeParseException e) {
      return null;
    }
  }
}
