package civitane.app.door;

import civitane.app.drafts.Taking;
import civitane.app.letters.LetterText;
import civitane.app.lodging.ReadThrough;
import civitane.app.messages.OwnContact;
import civitane.core.facts.Acting;
import civitane.core.facts.ActingRight;
import civitane.core.facts.Form;
import civitane.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whoever takes an application at the door for somebody else: by what right they say they do, and where letters go. What
 * they are asked stands in {@link Taking}, beside the facts, which are of those they act for.
 */
final class ForOthers {
  /** Where those questions stand; the names of the rest of the form begin otherwise. */
  private static final String TAKING = "/taking/";

  private static final String ACTS_AS = TAKING + "actsAs";
  private static final String ACTOR = "actor";
  private static final String OF_ACTOR = TAKING + ACTOR + "/";
  private static final String NAME = OF_ACTOR + "name";
  private static final String SPEAKER = OF_ACTOR + "speaker";
  private static final String SHOWN_BY = OF_ACTOR + "shownBy";
  private static final String CONTACT = OF_ACTOR + "contact";
  private static final String LETTERS = OF_ACTOR + "letters";
  private static final String REACHED_AT = "reachedAt";

  private static final String PHONE = "/household/people/0/contact/phone";
  private static final String EMAIL = "/household/people/0/contact/email";
  private static final String SELF = "self";
  private static final String ACTING = "acting";
  private static final List<ActingRight> RIGHTS =
      List.of(ActingRight.GUARDIAN, ActingRight.REPRESENTATIVE, ActingRight.ORGANISATION);

  private final Words words;

  ForOthers(Words words) {
    this.words = words;
  }

  /** The questions, with what stands there; all but the first are of those who act for somebody. */
  List<DoorForm.DoorAsk> asks(JsonNode taking) {
    var rights = Stream.concat(Stream.of(SELF), RIGHTS.stream().map(ActingRight::word))
        .map(word -> new DoorForm.DoorChoice(word, words.say("door.others." + word)))
        .toList();
    return List.of(
        ask(ACTS_AS, "who", Form.CHOICE, rights, taking),
        ask(NAME, "name", Form.TEXT, List.of(), taking),
        ask(SPEAKER, "speaker", Form.TEXT, List.of(), taking),
        ask(SHOWN_BY, "shownBy", Form.TEXT, List.of(), taking),
        ask(
            LETTERS,
            "letters",
            Form.FLAG,
            List.of(new DoorForm.DoorChoice(ACTING, words.say("letter.yes"))),
            taking),
        ask(CONTACT, "contact", Form.TEXT, List.of(), taking));
  }

  private DoorForm.DoorAsk ask(
      String name, String label, Form form, List<DoorForm.DoorChoice> choices, JsonNode taking) {
    return new DoorForm.DoorAsk(
        name,
        words.say("door.others." + label),
        form.word(),
        choices,
        standing(name, taking),
        "",
        "");
  }

  /** What stands there; whoever says nothing asks for themselves. */
  private static String standing(String name, JsonNode taking) {
    return taking
        .at(name.substring(TAKING.length() - 1))
        .asString(name.equals(ACTS_AS) ? SELF : "");
  }

  static boolean isAsked(String name) {
    return name.startsWith(TAKING);
  }

  /** Keeps what was typed; what is no answer to such a question is left out. */
  void keep(Map<String, String> typed, ObjectNode taking) {
    for (var ask : asks(taking)) {
      var text = typed.get(ask.name());
      if (text != null) {
        var parts = ask.name().substring(TAKING.length()).split("/");
        var into = parts.length > 1 ? taking.withObject("/" + ACTOR) : taking;
        var isOffered = ask.choices().isEmpty()
            || ask.choices().stream().anyMatch(one -> one.word().equals(text));
        if (text.isBlank() || !isOffered) {
          into.remove(parts[parts.length - 1]);
        } else {
          into.put(parts[parts.length - 1], text.strip());
        }
      }
    }
  }

  /**
   * Puts the contact by which somebody came where it belongs: with whoever acts, where they do, else with the applicant.
   *
   * @param written what stands to the questions of the form
   * @param key how the contact is known again
   */
  static void reach(Map<String, String> written, ObjectNode taking, String key) {
    if (new Taking(taking).isForAnother()) {
      for (var way : List.of(PHONE, EMAIL)) {
        var at = written.getOrDefault(way, "");
        if (OwnContact.of(at).filter(own -> own.key().equals(key)).isPresent()) {
          taking.withObject("/" + ACTOR).put(REACHED_AT, at);
          written.remove(way);
        }
      }
    } else if (taking.path(ACTOR) instanceof ObjectNode actor && actor.has(REACHED_AT)) {
      var at = actor.path(REACHED_AT).asString("");
      actor.remove(REACHED_AT);
      OwnContact.of(at)
          .ifPresent(own -> written.merge(
              own.isMail() ? EMAIL : PHONE, at, (now, theirs) -> now.isBlank() ? theirs : now));
    }
  }

  /** What is wanted of whoever acts, before anything is lodged for somebody else. */
  List<DoorForm.DoorWrong> missing(JsonNode taking) {
    var told = new Taking(taking);
    if (!told.isForAnother()) {
      return List.of();
    }
    var wanted = new ArrayList<>(List.of(NAME, SHOWN_BY));
    if (ActingRight.ORGANISATION.word().equals(told.actsAs())) {
      wanted.add(SPEAKER);
    }
    if (ACTING.equals(taking.at("/actor/letters").asString(""))) {
      wanted.add(CONTACT);
    }
    return asks(taking).stream()
        .filter(ask -> wanted.contains(ask.name()) && ask.value().isEmpty())
        .map(ask -> new DoorForm.DoorWrong(
            0, ask.name(), words.say("door.wrong.missing", "question", ask.label())))
        .toList();
  }

  /** What is read of whoever acts before it is signed. */
  ReadThrough.Section told(Acting acting) {
    var lines = new ArrayList<LetterText.Figure>();
    lines.add(new LetterText.Figure(
        words.say("door.others.who"), words.say("door.others." + acting.right().word())));
    var isOrganisation = acting.right() == ActingRight.ORGANISATION;
    lines.add(new LetterText.Figure(
        words.say(isOrganisation ? "door.others.organisationName" : "door.others.name"),
        acting.name()));
    if (acting.speaker() != null) {
      lines.add(new LetterText.Figure(words.say("door.others.speaker"), acting.speaker()));
    }
    if (acting.shownBy() != null) {
      lines.add(new LetterText.Figure(words.say("door.others.shownBy"), acting.shownBy()));
    }
    if (acting.getsLetters() && acting.contact() != null) {
      lines.add(new LetterText.Figure(words.say("door.others.contact"), acting.contact()));
    }
    return new ReadThrough.Section(words.say("door.others.title"), lines);
  }
}
