package civitane.app.papers;

import civitane.app.catalogue.DeskWords;
import civitane.app.catalogue.FactWords;
import civitane.app.claims.Claims;
import civitane.app.claims.Masked;
import civitane.app.determining.Screenings;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.reading.Proposal;
import civitane.app.staff.Staff;
import civitane.core.checking.PaperFact;
import civitane.core.checking.PaperFacts;
import civitane.core.facts.Asset;
import civitane.core.facts.Expense;
import civitane.core.facts.Form;
import civitane.core.facts.Frequency;
import civitane.core.facts.Income;
import civitane.core.facts.Packet;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Parts;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.Entry;
import civitane.core.ledger.LedgerRow;
import civitane.core.ledger.Source;
import civitane.core.ledger.When;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

import static civitane.core.facts.Known.known;

/** The facts of a claim that a paper shows, beside what was said of them. */
@Service
class ShownFacts {
  /** What somebody outside says of themselves, and which goes to what is known of them. */
  private static final Pattern OF_THEIRS =
      Pattern.compile("/(?:landlord/(?:agrees|iban)|lender/participates)$");

  private final PaperRows rows;
  private final ToldByParties parties;
  private final Claims claims;
  private final Ledgers ledgers;
  private final Screenings screenings;
  private final Clock clock;

  ShownFacts(
      PaperRows rows,
      ToldByParties parties,
      Claims claims,
      Ledgers ledgers,
      Screenings screenings,
      Clock clock) {
    this.rows = rows;
    this.parties = parties;
    this.claims = claims;
    this.ledgers = ledgers;
    this.screenings = screenings;
    this.clock = clock;
  }

  /**
   * A fact that a paper can show.
   *
   * @param every where the frequency of an amount stands; null where it does not recur
   * @param form money, date, text, number, iban or list, by which it is typed
   * @param shown what was read off a paper before; null where nothing was
   * @param proposal what the machine calls it
   */
  record PaperShows(
      String place,
      @Nullable String every,
      String label,
      String form,
      String said,
      @Nullable String shown,
      Proposal.@Nullable Field proposal) {}

  /** What was read: a value by the place of its fact. */
  record Shown(String place, JsonNode value) {}

  /** What a paper of a kind can show of a claim. */
  @Transactional(readOnly = true)
  List<PaperShows> of(
      String number, UUID paper, PaperKind kind, @Nullable String person, @Nullable String income) {
    var told = claims.told(number);
    var when = new When(told.packet().assessedOn(), clock.instant());
    var beside = ledgers.of(claims.householdOf(number)).rows(told, when).stream()
        .collect(Collectors.toMap(LedgerRow::place, Function.identity()));
    var kept = rows.find(paper);
    if (!kept.household().equals(claims.householdOf(number))) {
      throw Problem.notThere("The paper");
    }
    var sent = kept.sender() != null;
    return PaperFacts.of(told.packet(), kind, person, income, sent).stream()
        .map(fact -> view(told, fact, beside))
        .toList();
  }

  private PaperShows view(Assembled told, PaperFact fact, Map<String, LedgerRow> rows) {
    var said = words(told, fact, rows, LedgerRow::said);
    return new PaperShows(
        fact.place(),
        fact.every(),
        DeskWords.WORDS.capital(label(told.packet(), fact.place())),
        fact.form().name().toLowerCase(Locale.ROOT),
        said == null ? "" : said,
        words(told, fact, rows, LedgerRow::shown),
        proposal(fact));
  }

  /** What an amount is of, said by its kind; else what was asked. */
  private String label(Packet packet, String place) {
    var thing = Parts.at(packet, place.substring(0, place.lastIndexOf('/')));
    if (thing instanceof Expense expense) {
      return DeskWords.WORDS.word(expense.kind());
    } else if (thing instanceof Income income) {
      return DeskWords.WORDS.word(income.kind());
    } else if (thing instanceof Asset asset) {
      return DeskWords.WORDS.word(asset.kind());
    }
    return DeskWords.WORDS.question(screenings.place(packet, place).question());
  }

  private static @Nullable String words(
      Assembled told,
      PaperFact fact,
      Map<String, LedgerRow> rows,
      Function<LedgerRow, @Nullable Entry> kind) {
    var value = value(told, fact.place(), rows, kind);
    if (value == null) {
      return null;
    } else if (fact.form() == Form.IBAN) {
      return Masked.number(value.toString());
    } else if (value instanceof Amount amount && fact.every() != null) {
      var every = value(told, fact.every(), rows, kind);
      return DeskWords.WORDS.say(
          every instanceof Frequency each ? Argument.each(amount, each) : Argument.once(amount));
    }
    return new FactWords(told.packet(), told.places().ids()).of(value);
  }

  /** A value of one kind, or the part of a group of it. */
  private static @Nullable Object value(
      Assembled told,
      String place,
      Map<String, LedgerRow> rows,
      Function<LedgerRow, @Nullable Entry> kind) {
    var field = told.places().fieldOf(place).orElse(place);
    var row = rows.get(field);
    var entry = row == null ? null : kind.apply(row);
    var value = entry == null ? null : entry.value();
    return field.equals(place) || !(value instanceof Record group)
        ? value
        : Parts.at(group, place.substring(field.length()));
  }

  private static Proposal.@Nullable Field proposal(PaperFact fact) {
    var key = fact.place().substring(fact.place().lastIndexOf('/') + 1);
    return switch (key) {
      case "iban" -> Proposal.Field.ACCOUNT;
      case "amountDue" -> Proposal.Field.DUE;
      case "lastWorkedOn" -> Proposal.Field.LAST_DAY;
      case "amount" -> fact.every() == null ? Proposal.Field.DUE : Proposal.Field.AMOUNT;
      case "monthlyRent", "monthlyPayment" -> Proposal.Field.AMOUNT;
      case "absentFrom" -> Proposal.Field.ABSENT_FROM;
      case "noticeOn" -> Proposal.Field.NOTICE_ON;
      case "hoursPerWeek" -> Proposal.Field.HOURS;
      case "asOf" -> Proposal.Field.DUE_ON;
      case "leaseNames" -> Proposal.Field.TENANTS;
      case "agrees", "participates" -> Proposal.Field.AGREES;
      case "loanNumber" -> Proposal.Field.LOAN_NUMBER;
      default -> null;
    };
  }

  /** Records what a paper shows. Throws a {@link Problem} with every value that can't be. */
  @Transactional(propagation = Propagation.MANDATORY)
  void tell(
      Staff.Colleague by,
      String number,
      UUID paper,
      PaperKind kind,
      @Nullable String person,
      @Nullable String income,
      List<Shown> shown) {
    if (shown.isEmpty()) {
      return;
    }
    var told = claims.told(number);
    var sender = rows.find(paper).sender();
    var places = PaperFacts.of(told.packet(), kind, person, income, sender != null);
    var facts = screenings.changing(told.packet());
    for (var one : shown) {
      if (places.stream()
          .noneMatch(
              fact -> one.place().equals(fact.place()) || one.place().equals(fact.every()))) {
        throw Problem.wrong("A paper of this kind does not show that.");
      }
      facts.put(one.place(), one.value());
    }
    var packet = facts.packet("What was read off the paper can't be right.");
    var values = new LinkedHashMap<String, Object>();
    for (var one : shown) {
      var field = told.places().fieldOf(one.place()).orElseThrow();
      var value = Parts.at(packet, field);
      if (OF_THEIRS.matcher(one.place()).find()) {
        parties.told(by, known(value), known(sender));
      } else if (value != null) {
        values.put(field, value);
      }
    }
    ledgers.tellShown(
        claims.householdOf(number),
        told,
        values,
        Source.paper(paper.toString(), sender),
        by.login());
  }
}
