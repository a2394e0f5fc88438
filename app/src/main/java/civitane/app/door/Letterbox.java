package civitane.app.door;

import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.papers.Papers;
import civitane.app.problems.Problem;
import civitane.app.remembering.Remembering;
import civitane.core.claims.Actor;
import civitane.core.claims.Item;
import civitane.core.claims.ItemKind;
import civitane.core.claims.Turn;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Vocabulary;
import civitane.core.ledger.Assembled;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.words.Voice;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/** What a household puts through its door. */
@Service
class Letterbox {
  private static final int LONGEST = 2_000;

  private final Standing standing;
  private final Claims claims;
  private final Remembering remembering;

  Letterbox(Standing standing, Claims claims, Remembering remembering) {
    this.standing = standing;
    this.claims = claims;
    this.remembering = remembering;
  }

  /** Writes to whoever works on a claim. */
  @Transactional
  public void write(Visitor by, String number, String text) {
    say(by, number, Want.WROTE, Why.WROTE, text);
  }

  /** Says that something is otherwise now; a caseworker reports it as the change it is. */
  @Transactional
  public void changed(Visitor by, String number, String text) {
    say(by, number, Want.WROTE, Why.SAYS_CHANGED, text);
  }

  /** Says that it is not wanted any more; a caseworker asks, and withdraws it. */
  @Transactional
  public void notWanted(Visitor by, String number, String text) {
    say(by, number, Want.WROTE, Why.WISHES_TO_WITHDRAW, text);
  }

  /** Says that a claim was not made by who is told to have made it. */
  @Transactional
  public void notTheirs(Visitor by, String number, String text) {
    say(by, number, Want.NOT_THEIRS, Why.NOT_THEIRS, text);
  }

  /** Asks for more time for something that is wanted; somebody of the office answers. */
  @Transactional
  public void askForTime(Visitor by, String number, int item, String because) {
    about(by, number, item, Why.ASKS_FOR_TIME, because);
  }

  /** Says something to what is wanted; somebody of the office takes it down. */
  @Transactional
  public void sayTo(Visitor by, String number, int item, String text) {
    about(by, number, item, Why.SAYS_TO, text);
  }

  private void about(Visitor by, String number, int item, Why code, String text) {
    claims.waitFor(number);
    var reasons = wanted(by, number, item).want().reasons();
    var what = reasons.get(0).arguments().stream()
        .filter(Argument.Several.class::isInstance)
        .findFirst()
        .orElseGet(() ->
            new Argument.Several(List.of(Argument.told(DeskWords.WORDS.say(reasons, Voice.DESK)))));
    put(by, number, Want.WROTE, code.with(what, told(text)), text);
  }

  private void say(Visitor by, String number, String about, Why code, String text) {
    claims.waitFor(number);
    put(by, number, about, code.with(told(text)), text);
  }

  private void put(Visitor by, String number, String about, Reason said, String text) {
    see(by, number);
    if (!claims.hear(actor(number), number, about, said)) {
      claims.whoAnswers(number).forEach(login -> remembering.bringUp(login, number, text.strip()));
    }
  }

  /** How a file is filed that is put in for something that is wanted. */
  @Transactional(readOnly = true)
  public Papers.Filing filing(Visitor by, String number, int item, String name, String remark) {
    var wanted = wanted(by, number, item);
    if (wanted.want().kind() != ItemKind.PAPER) {
      throw Problem.wrong("No paper answers that.");
    }
    var place = claims.facts(number).places().here(wanted.want().subject());
    return filing(number, item, place, name, remark);
  }

  /**
   * How a file is filed that is of a kind and of somebody.
   *
   * @param item what it is for; null where whatever wants such a paper is meant
   * @param place the kind and whose, as what is wanted is named: {@code payslip:i1}
   */
  Papers.Filing filing(
      String number, @Nullable Integer item, String place, String name, String remark) {
    var parts = place.split(":");
    var whose = parts.length > 1 ? parts[1] : null;
    var kind = Vocabulary.of(PaperKind.class).byWord().get(parts[0]) instanceof PaperKind known
        ? known
        : PaperKind.OTHER;
    var isPerson =
        whose != null && claims.facts(number).packet().household().person(whose).isPresent();
    return Papers.Filing.brought(
        item, kind, isPerson ? whose : null, isPerson ? null : whose, name, remark);
  }

  /** Who puts something in: the one who applied, as far as the office knows. */
  @Transactional(readOnly = true)
  public Actor actor(String number) {
    Assembled facts = claims.facts(number);
    var applicant = facts.packet().household().applicant().id();
    return new Actor.Person(known(facts.places().ids().get(applicant)));
  }

  /** What is wanted of the household by an item of a claim that a visitor may see. */
  Item wanted(Visitor by, String number, int item) {
    see(by, number);
    return claims
        .claim(number)
        .item(item)
        .filter(one -> one.isLive() && one.want().owner() == Turn.HOUSEHOLD)
        .orElseThrow(() -> Problem.wrong("That is not wanted any more."));
  }

  /** Only a claim that a visitor may see is there for them. */
  void see(Visitor by, String number) {
    if (!standing.seenBy(by).contains(number)) {
      throw Problem.notThere("A claim with this number");
    }
  }

  private static Argument told(String text) {
    var said = text.strip();
    if (said.isEmpty() || said.length() > LONGEST) {
      throw Problem.wrong("It takes some words, up to " + LONGEST + " letters.");
    }
    return Argument.told(said);
  }
}
