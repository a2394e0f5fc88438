package civitane.app.overview;

import civitane.app.access.Guard;
import civitane.app.access.Restriction;
import civitane.app.catalogue.DeskWords;
import civitane.app.catalogue.FactWords;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.ClaimView;
import civitane.app.claims.Masked;
import civitane.app.claims.OfHousehold;
import civitane.app.decisions.Grants;
import civitane.app.drafts.Applications;
import civitane.app.households.Households;
import civitane.app.ledger.Ledgers;
import civitane.app.letters.Letters;
import civitane.app.lodging.ReadThrough;
import civitane.app.money.Debts;
import civitane.app.staff.Staff;
import civitane.core.facts.Household;
import civitane.core.facts.Packet;
import civitane.core.foresight.Foreseen;
import civitane.core.foresight.Why;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.Entry;
import civitane.core.ledger.Ledger;
import civitane.core.ledger.LedgerRow;
import civitane.core.ledger.When;
import civitane.core.reasons.Argument;
import civitane.packet.PacketWriter;
import civitane.words.Voice;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Puts together what there is of one household. */
@Service
class Overview {
  private static final String PEOPLE = "/household/people/";

  private final Households households;
  private final Ledgers ledgers;
  private final ClaimLists claimLists;
  private final Grants grants;
  private final Debts debts;
  private final Letters letters;
  private final Guard guard;
  private final Staff staff;
  private final JsonMapper json;
  private final Clock clock;

  Overview(
      Households households,
      Ledgers ledgers,
      ClaimLists claimLists,
      Grants grants,
      Debts debts,
      Letters letters,
      Guard guard,
      Staff staff,
      JsonMapper json,
      Clock clock) {
    this.households = households;
    this.ledgers = ledgers;
    this.claimLists = claimLists;
    this.grants = grants;
    this.debts = debts;
    this.letters = letters;
    this.guard = guard;
    this.staff = staff;
    this.json = json;
    this.clock = clock;
  }

  /**
   * A household.
   *
   * @param holdsOn the day of the world; null for today
   * @param knownOn what was known at the end of this day; null for now
   */
  @Transactional(readOnly = true)
  HouseholdView of(UUID id, @Nullable LocalDate holdsOn, @Nullable LocalDate knownOn) {
    var record = households.find(id);
    var today = LocalDate.now(clock);
    var day = holdsOn == null ? today : holdsOn;
    var asKnown = knownOn == null ? today : knownOn;
    var when =
        new When(day, knownOn == null ? clock.instant() : When.endOf(asKnown, clock.getZone()));
    var ledger = ledgers.of(id);
    // Nothing can be put together of a day on which nobody of it was known.
    var facts =
        ledger.members(id, when).isEmpty() ? null : ledger.assembled(id, List.of(), when, asKnown);
    var packet = facts == null ? null : facts.packet();
    var lodged = claimLists.ofHousehold(id, asKnown);
    var gets = grants.of(id, asKnown).stream()
        .filter(one -> one.until() == null || !one.until().isBefore(day))
        .toList();
    return new HouseholdView(
        id,
        record.name(),
        record.town(),
        today,
        day,
        asKnown,
        ledger.recordedOn(clock.getZone()),
        packet == null ? List.of() : members(packet.household()),
        moved(id, ledger, when),
        packet == null ? null : contact(packet),
        ClaimView.ActingView.of(ledger.acting(id, when), day),
        guard.restriction(id).map(this::restricted).orElse(null),
        lodged,
        gets,
        ahead(packet, gets, day),
        debts.of(id),
        facts == null ? List.of() : contested(ledger, facts, when),
        packet == null ? List.of() : ReadThrough.masked(packet, DeskWords.WORDS),
        packet == null ? List.of() : papers(packet),
        letters(lodged, asKnown));
  }

  /** Birthdays and papers of the people, and the ends of what they get, of a year from a day. */
  private static List<HouseholdView.Ahead> ahead(
      @Nullable Packet packet, List<Grants.Granted> gets, LocalDate day) {
    var until = day.plusYears(1);
    var people = packet == null ? Stream.<Foreseen>of() : Foreseen.of(packet, day, until).stream();
    var ends = gets.stream()
        .filter(one -> one.until() != null && !one.until().isAfter(until))
        .map(one -> new Foreseen(
            one.until(),
            Why.GRANT_ENDS.with(Argument.told(one.title()), Argument.day(one.until()))))
        .distinct();
    return Stream.concat(people, ends)
        .sorted(Comparator.comparing(Foreseen::on))
        .map(
            one -> new HouseholdView.Ahead(one.on(), DeskWords.WORDS.say(one.reason(), Voice.DESK)))
        .toList();
  }

  private HouseholdView.RestrictedTo restricted(Restriction restriction) {
    return new HouseholdView.RestrictedTo(
        restriction.because(),
        staff.nameOf(restriction.setBy()),
        restriction.named().stream()
            .map(one -> new HouseholdView.NamedFor(staff.nameOf(one.login()), one.because()))
            .toList());
  }

  private static List<HouseholdView.HouseholdMember> members(Household household) {
    return household.people().stream()
        .map(person -> new HouseholdView.HouseholdMember(
            person.id(),
            DeskWords.WORDS.who(Argument.Who.of(household, person)),
            person.givenName(),
            person.role().word(),
            person.birthDate()))
        .toList();
  }

  private List<HouseholdView.Moved> moved(UUID household, Ledger ledger, When when) {
    var me = staff.me();
    return ledger.movedOut(household, when).stream()
        .filter(one -> guard.maySee(me, one.household()))
        .map(one -> new HouseholdView.Moved(
            ledger.nameOf(one.person(), when),
            one.since(),
            one.household(),
            households.named(one.household()).name()))
        .toList();
  }

  private @Nullable JsonNode contact(Packet packet) {
    var applicant = packet.household().people().indexOf(packet.household().applicant());
    var contact = json.readTree(PacketWriter.written(packet)).at(PEOPLE + applicant + "/contact");
    return contact.isMissingNode() ? null : contact;
  }

  private List<HouseholdView.Contested> contested(Ledger ledger, Assembled facts, When when) {
    var words = new FactWords(facts.packet(), facts.places().ids());
    return ledger.rows(facts, when).stream()
        .filter(LedgerRow::isDisputed)
        // Payslips are what papers show of a wage: no word of the household stands against them.
        .filter(row -> !row.place().startsWith("/papers/") && !row.field().equals("payslips"))
        .map(row -> new HouseholdView.Contested(
            label(facts.packet(), row.place()),
            cell(words, row.said()),
            cell(words, row.shown()),
            cell(words, row.checked()),
            value(words, row.field(), row.used().value())))
        .toList();
  }

  /** What a place asks, and of whom where it is somebody's. */
  private static String label(Packet packet, String place) {
    var question = DeskWords.WORDS.capital(
        DeskWords.WORDS.question(place.substring(1).replaceAll("/\\d+", "").replace('/', '.')));
    if (!place.startsWith(PEOPLE)) {
      return question;
    }
    var person = packet.household().people().get(Integer.parseInt(place.split("/")[3]));
    return DeskWords.WORDS.who(Argument.Who.of(packet.household(), person)) + " · " + question;
  }

  private static @Nullable String cell(FactWords words, @Nullable Entry entry) {
    return entry == null ? null : value(words, entry.field(), entry.value());
  }

  private static String value(FactWords words, String field, @Nullable Object value) {
    return Masked.isNumber(field) && value != null
        ? Masked.number(value.toString())
        : words.of(value);
  }

  private static List<HouseholdView.HandedIn> papers(Packet packet) {
    var household = packet.household();
    return packet.papers().stream()
        .map(paper -> new HouseholdView.HandedIn(
            DeskWords.WORDS.capital(DeskWords.WORDS.word(paper.kind())),
            household
                .person(paper.person())
                .map(person -> DeskWords.WORDS.who(Argument.Who.of(household, person)))
                .orElse(null),
            paper.accepted()))
        .toList();
  }

  private List<HouseholdView.Sent> letters(List<OfHousehold> lodged, LocalDate known) {
    var numbers = lodged.stream()
        .map(OfHousehold::number)
        .flatMap(number -> Stream.of(number, Applications.receiptOf(number)))
        .toList();
    return letters.about(numbers).stream()
        .filter(letter -> !letter.writtenOn().isAfter(known))
        .map(letter ->
            new HouseholdView.Sent(letter.id(), letter.kind(), letter.about(), letter.writtenOn()))
        .toList();
  }
}
