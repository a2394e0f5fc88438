package civitane.app.decisions;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.determining.Screenings;
import civitane.app.ledger.Ledgers;
import civitane.app.letters.LetterText;
import civitane.app.letters.Letters;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.awards.Award;
import civitane.core.awards.Lessening;
import civitane.core.claims.Actor;
import civitane.core.claims.Item;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.facts.Packet;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.rules.Finding;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.words.Voice;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Before a household gets less than it was granted it is told, and can say what is wrong with that. */
@Service
public class Notices {
  static final String LETTER = "notice";

  private final Claims claims;
  private final ClaimLists claimLists;
  private final Grants grants;
  private final Overpaying overpaying;
  private final Screenings screenings;
  private final Ledgers ledgers;
  private final Letters letters;
  private final AuditLog audit;
  private final Clock clock;

  Notices(
      Claims claims,
      ClaimLists claimLists,
      Grants grants,
      Overpaying overpaying,
      Screenings screenings,
      Ledgers ledgers,
      Letters letters,
      AuditLog audit,
      Clock clock) {
    this.claims = claims;
    this.claimLists = claimLists;
    this.grants = grants;
    this.overpaying = overpaying;
    this.screenings = screenings;
    this.ledgers = ledgers;
    this.letters = letters;
    this.audit = audit;
    this.clock = clock;
  }

  /** That a claim which is open would come to less than the decision that stands; nothing where it would not. */
  Optional<GivesLess> of(String number, Result result) {
    return less(number, given(result))
        .map(less -> new GivesLess(
            words(result, less.before()),
            words(result, less.after()),
            claims.claim(number).notice().map(Item::dueOn).orElse(null),
            claims.claim(number).isNoticeOver()));
  }

  private static List<Award> given(Result result) {
    return result.outcome() == Finding.ENTITLED ? result.awards() : List.of();
  }

  /** What stands, and less than that. */
  private record Less(List<Award> before, List<Award> after) {}

  private Optional<Less> less(String number, List<Award> after) {
    var claim = claims.claim(number);
    if (!claim.state().isUndecided() || claim.standing().isEmpty()) {
      return Optional.empty();
    }
    var before = grants.awards(number);
    return Lessening.is(before, after) ? Optional.of(new Less(before, after)) : Optional.empty();
  }

  private static List<String> words(Result result, List<Award> awards) {
    return awards.stream()
        .map(award -> DeskWords.WORDS.award(result.service(), award.from(null)))
        .toList();
  }

  /** Puts it to the office that a claim comes to less, where it does. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void bringUp(Staff.Colleague by, String number) {
    var result = result(claims.facts(number).packet());
    var standing = claims.claim(number).standing();
    if (result.outcome() == Finding.UNKNOWN || standing.isEmpty()) {
      return;
    }
    less(number, given(result)).ifPresent(less -> {
      var because = told(Why.GIVES_LESS, result, less);
      claims.moveItem(
          by.actor(),
          number,
          because,
          (claim, act) -> claim.surface(act, Want.GIVES_LESS + standing.get().id(), because));
    });
  }

  private static Reason told(Why why, Result result, Less less) {
    return why.with(said(result, less.before()), said(result, less.after()));
  }

  private static Argument said(Result result, List<Award> awards) {
    return Argument.told(
        awards.isEmpty()
            ? DeskWords.WORDS.say("letter.notice.nothing")
            : String.join("; ", words(result, awards)));
  }

  /** Refuses a decision that gives less, where the household was not told, or has time yet. */
  void check(String number, Result result, boolean grant) {
    var after = grant ? result.awards() : List.<Award>of();
    less(number, after).filter(less -> !claims.claim(number).isNoticeOver()).ifPresent(less -> {
      throw Problem.wrong(DeskWords.WORDS.say(told(Why.NOTICE_FIRST, result, less), Voice.DESK));
    });
  }

  /** Tells the household that it would get less; its letter goes out once. */
  @Transactional
  public void tell(Staff.Colleague by, String number, int version) {
    claims.mine(by, number);
    var until = claims.toAnswerBy();
    var text = text(number, until);
    claims.change(
        by,
        number,
        version,
        Why.NOTICED.with(Argument.day(until)),
        (claim, act) -> claim.giveNotice(act, until));
    letters.write(by.actor(), text);
    audit.record(by.login(), "told of less", number, "");
  }

  /** The letter as it would go out, without keeping anything. */
  @Transactional(readOnly = true)
  byte[] preview(String number) {
    return letters.preview(text(number, claims.toAnswerBy()));
  }

  private LetterText text(String number, LocalDate until) {
    var packet = claims.facts(number).packet();
    var result = result(packet);
    var less = less(number, given(result))
        .orElseThrow(() -> Problem.wrong("It does not come to less than what stands."));
    var decided = claims.claim(number).standing().orElseThrow();
    return new NoticeLetter(
            number, packet, result, ledgers.acting(claims.householdOf(number)).values())
        .text(
            letters.written(LETTER, number) + 1,
            decided.on(),
            less.before(),
            less.after(),
            overpaying.toTell(number, packet, less.after()),
            until);
  }

  private Result result(Packet packet) {
    return screenings.results(packet, Mode.DETERMINE).get(0);
  }

  /** Notes what the household says to it, so that it can be decided before their time is over. */
  @Transactional
  public void answered(Staff.Colleague by, String number, int version, String because) {
    claims.mine(by, number);
    if (because.isBlank()) {
      throw Problem.wrong("It is noted what they say to it, and how, as in “by phone: it is so”.");
    }
    var item = claims
        .claim(number)
        .notice()
        .filter(Item::isLive)
        .orElseThrow(() -> Problem.wrong("They were not told, or have answered already."));
    claims.change(
        by,
        number,
        version,
        Why.NOTICE_ANSWERED.with(Argument.told(because.strip())),
        (claim, act) -> claim.accept(act, item.id()));
  }

  /** The claims whose household was told, and whose last day to answer is before a day. */
  @Transactional(readOnly = true)
  public List<String> overBefore(LocalDate day) {
    return claimLists.dueBefore(Want.NOTICED, day);
  }

  /** That their time is over makes it the office's turn; it decides nothing. */
  @Transactional
  public void over(String number) {
    claims
        .claim(number)
        .notice()
        .filter(Item::isLive)
        .filter(item -> item.dueOn().isBefore(LocalDate.now(clock)))
        .ifPresent(item -> claims.moveItem(
            new Actor.OfficeClock(),
            number,
            Why.NOTICE_OVER.with(Argument.day(item.dueOn())),
            (claim, act) -> claim.accept(act, item.id())));
  }
}
