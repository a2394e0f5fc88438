package civitane.app.decisions;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.ledger.Ledgers;
import civitane.app.letters.Letters;
import civitane.app.money.Debts;
import civitane.app.money.Overpayment;
import civitane.app.money.Overpayments;
import civitane.app.money.Settlement;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.awards.Award;
import civitane.core.awards.DebtCause;
import civitane.core.awards.Given;
import civitane.core.awards.Overpaid;
import civitane.core.claims.Why;
import civitane.core.facts.Packet;
import civitane.core.facts.Vocabulary;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.rules.Result;
import civitane.words.Voice;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What was given for months that are over, beyond what a decision leaves due: asked back once it is said whose cause it is. */
@Component
class Overpaying {
  private final Claims claims;
  private final Grants grants;
  private final Overpayments overpayments;
  private final Debts debts;
  private final Ledgers ledgers;
  private final Letters letters;
  private final AuditLog audit;
  private final Clock clock;

  Overpaying(
      Claims claims,
      Grants grants,
      Overpayments overpayments,
      Debts debts,
      Ledgers ledgers,
      Letters letters,
      AuditLog audit,
      Clock clock) {
    this.claims = claims;
    this.grants = grants;
    this.overpayments = overpayments;
    this.debts = debts;
    this.ledgers = ledgers;
    this.letters = letters;
    this.audit = audit;
    this.clock = clock;
  }

  /** What would be too much if it were decided so today; null where nothing would. */
  @Nullable
  TooMuch of(String number, Packet packet, Result result, boolean grant) {
    return claims.claim(number).decisions().isEmpty()
        ? null
        : TooMuch.of(
            stretches(number, packet, awarded(result, grant)),
            overpayments.asked(claims.idOf(number)));
  }

  private static List<Award> awarded(Result result, boolean grant) {
    return grant ? result.awards() : List.of();
  }

  private List<Overpaid.Stretch> stretches(String number, Packet packet, List<Award> after) {
    var chain = new ArrayList<>(grants.chain(number));
    chain.add(new Given(LocalDate.now(clock), packet.assessedOn(), after));
    return Overpaid.of(chain);
  }

  /** The days for which more was given than such awards leave due; none where it would not be asked back. */
  List<Overpaid.Stretch> toTell(String number, Packet packet, List<Award> after) {
    var stretches = stretches(number, packet, after);
    var asked = overpayments.asked(claims.idOf(number));
    return Overpaid.toAsk(Overpaid.in(stretches), asked).isZero() ? List.of() : stretches;
  }

  /** What a decision would make of it, with the cause that is told. */
  Settlement settled(
      String number, Packet packet, Result result, boolean grant, TooMuch.@Nullable Cause told) {
    if (claims.claim(number).decisions().isEmpty()) {
      return Settlement.NOTHING;
    }
    var stretches = stretches(number, packet, awarded(result, grant));
    var over = Overpaid.in(stretches);
    var before = overpayments.asked(claims.idOf(number));
    var toAsk = Overpaid.toAsk(over, before);
    return new Settlement(
        toAsk.isZero() ? null : asked(number, stretches, toAsk, told),
        before.minus(over).notBelowZero());
  }

  private Overpayment asked(
      String number, List<Overpaid.Stretch> stretches, Amount toAsk, TooMuch.@Nullable Cause told) {
    var from = stretches.get(0).from();
    var until = stretches.get(stretches.size() - 1).until();
    if (told == null || told.because().isBlank()) {
      throw Problem.wrong(DeskWords.WORDS.say(
          Why.OVERPAID_CAUSE.with(Argument.once(toAsk), Argument.day(from), Argument.day(until)),
          Voice.DESK));
    }
    if (!toAsk.equals(Amount.of(told.amount()))) {
      throw Problem.overtaken("What is to be asked back is "
          + DeskWords.WORDS.euros(toAsk)
          + " by now. Look at it again.");
    }
    return new Overpayment(
        Overpayment.ref(number, claims.claim(number).decisions().size() + 1),
        toAsk,
        from,
        until,
        cause(told.cause()),
        told.because().strip());
  }

  private static DebtCause cause(String word) {
    if (Vocabulary.of(DebtCause.class).byWord().get(word) instanceof DebtCause cause) {
      return cause;
    }
    throw Problem.wrong("Whose cause it is, theirs or ours, is to be said.");
  }

  /** Books what the decision just made does with it. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void book(Staff.Colleague by, String number, String service, Settlement settlement) {
    var asked = settlement.asked();
    if (asked != null) {
      claims.note(by, number, noted(asked));
    }
    if (settlement.less().isPositive()) {
      claims.note(by, number, Why.OVERPAID_LESS.with(Argument.once(settlement.less())));
    }
    if (!settlement.equals(Settlement.NOTHING)) {
      overpayments.book(
          by,
          claims.householdOf(number),
          service,
          claims.idOf(number),
          claims.claim(number).decision().orElseThrow().id(),
          settlement);
    }
  }

  private static Reason noted(Overpayment asked) {
    return Why.OVERPAID.with(
        Argument.once(asked.amount()),
        Argument.day(asked.from()),
        Argument.day(asked.until()),
        Argument.term(asked.cause()),
        Argument.told(asked.because()));
  }

  /** What the last decision on a claim made of it. */
  Settlement ofLast(String number) {
    return claims
        .claim(number)
        .decision()
        .map(decision -> overpayments.of(claims.idOf(number), decision.id()))
        .orElse(Settlement.NOTHING);
  }

  /** Lets a household off a debt, or a part of it; where it came from a claim, they are told in a letter. */
  @Transactional
  public void letOff(
      Staff.Colleague by, UUID household, String ref, BigDecimal much, String because) {
    var debt = debts.letOff(by, household, ref, Amount.of(much), because);
    var claim = debt.claim();
    if (claim != null) {
      claims.note(
          by,
          claim,
          Why.DEBT_LET.with(
              Argument.once(Amount.of(much)), Argument.told(ref), Argument.told(because.strip())));
      letters.write(
          by.actor(),
          new LettingOffLetter(
                  claim, claims.facts(claim).packet(), ledgers.acting(household).values())
              .text(
                  letters.written(LettingOffLetter.LETTER, claim) + 1,
                  ref,
                  Amount.of(debt.amount()),
                  Amount.of(much),
                  because.strip()));
    }
    audit.record(by.login(), "debt let off", ref, "");
  }
}
