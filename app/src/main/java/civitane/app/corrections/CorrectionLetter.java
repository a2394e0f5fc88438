package civitane.app.corrections;

import civitane.app.closures.DeclaredClosure;
import civitane.app.letters.HouseholdLetter;
import civitane.app.letters.LetterText;
import civitane.core.claims.Claim;
import civitane.core.claims.Item;
import civitane.core.claims.ItemKind;
import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;

/** The letters that ask a household for something, remind it, or give it more time; in its language. */
final class CorrectionLetter {
  private final Claim claim;
  private final Packet packet;
  private final Collection<Acting> acting;
  private final Language language;
  private final Words words;

  /** @param acting who acts for the household */
  CorrectionLetter(Claim claim, Packet packet, Collection<Acting> acting) {
    this.claim = claim;
    this.packet = packet;
    this.acting = acting;
    this.language = Language.of(packet.language());
    this.words = Words.in(language);
  }

  /**
   * The letter that asks.
   *
   * @param occasion which request of the claim it is, from 1
   * @param asked with what would settle each, as the caseworker wrote it; empty where that is plain
   */
  LetterText request(int occasion, Map<Item, String> asked, LocalDate until) {
    return text(
        "request",
        occasion,
        words.say("letter.request.intro", "date", claim.lodgedOn(), "until", until),
        asked,
        until);
  }

  /** The letter that reminds of what was asked on a day and has not come. */
  LetterText reminder(
      int occasion, Map<Item, String> asked, LocalDate askedOn, LocalDate until, LocalDate today) {
    var intro = until.isAfter(today) ? "letter.reminder.intro" : "letter.reminder.today";
    return text(
        "reminder", occasion, words.say(intro, "date", askedOn, "until", until), asked, until);
  }

  /** The letter that there is more time for something. */
  LetterText moreTime(int occasion, Map<Item, String> asked, LocalDate until) {
    return text(
        "moreTime", occasion, words.say("letter.moreTime.intro", "until", until), asked, until);
  }

  /** The letter that the last day for what was asked has moved, because the office is closed. */
  LetterText moved(
      int occasion, Map<Item, String> asked, DeclaredClosure closure, LocalDate until) {
    var intro = words.say(
        "letter.moreTime.closed",
        "from",
        closure.from(),
        "to",
        closure.until(),
        "because",
        closure.because(),
        "until",
        until);
    return text(
        "moreTime",
        occasion,
        language == Language.EN ? intro : intro + " " + words.say("letter.asWritten"),
        asked,
        until);
  }

  private LetterText text(
      String kind, int occasion, String intro, Map<Item, String> asked, LocalDate until) {
    var paragraphs = new ArrayList<>(List.of(intro));
    if (language != Language.EN
        && asked.values().stream().anyMatch(settles -> !settles.isEmpty())) {
      paragraphs.add(words.say("letter.asWritten"));
    }
    return new HouseholdLetter(
            kind,
            claim.number(),
            occasion,
            packet,
            acting,
            words,
            words.say(
                "letter." + kind + ".title",
                "service",
                words.title(packet.requests().get(0).service())))
        .says(paragraphs)
        .because(asked.entrySet().stream()
            .map(one -> line(one.getKey(), one.getValue()))
            .toList())
        .ends(List.of(
            words.say("letter.request.how", "number", claim.number()),
            words.say("letter.request.time", "until", until)))
        .asksFor(asked.keySet().stream()
            .filter(item -> kind.equals("request") && item.want().kind() == ItemKind.PAPER)
            .map(item -> new LetterText.ReplySheet(
                item.id(), words.say(item.want().reasons(), Voice.LETTER)))
            .toList())
        .text();
  }

  private String line(Item item, String settles) {
    var what = words.say(item.want().reasons(), Voice.LETTER);
    return settles.isEmpty()
        ? what
        : words.say("letter.request.item", "what", what, "settles", settles);
  }
}
