package civitane.core.ledger;

import civitane.core.facts.Acting;
import civitane.core.facts.Address;
import civitane.core.facts.Asset;
import civitane.core.facts.Benefit;
import civitane.core.facts.Channel;
import civitane.core.facts.Consent;
import civitane.core.facts.Expense;
import civitane.core.facts.Field;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.NoIncome;
import civitane.core.facts.OutsideParty;
import civitane.core.facts.Packet;
import civitane.core.facts.Paper;
import civitane.core.facts.Parts;
import civitane.core.facts.Payment;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.facts.Signature;
import civitane.core.services.Services;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** Puts a packet together from a ledger, always in the same order. */
final class Assembling {
  private final Ledger ledger;
  private final UUID household;
  private final When when;
  private final Map<UUID, String> ids = new HashMap<>();
  private final Places.Finding places = new Places.Finding();
  private final List<Subject> people;
  private final List<UUID> owners = new ArrayList<>();

  Assembling(Ledger ledger, UUID household, When when) {
    this.ledger = ledger;
    this.household = household;
    this.when = when;
    this.people = ledger.members(household, when);
    people.forEach(person -> owners.add(person.id()));
    owners.add(household);
  }

  Assembled assembled(List<UUID> requests, LocalDate asOf) {
    name("p", people);
    name("i", ledger.listed(SubjectKind.INCOME, owners, when));
    var first = requests.isEmpty() ? household : requests.get(0);
    var lodged = (LocalDate) value(first, Keys.LODGED_ON);
    var lodgedOn = lodged == null ? when.holdsOn() : lodged;
    var assessedOn = (LocalDate) value(first, Keys.ASSESSED_ON);
    var packet = new Packet(
        lodgedOn,
        assessedOn == null ? lodgedOn : assessedOn,
        asOf.isBefore(lodgedOn) ? lodgedOn : asOf,
        (OffsetDateTime) value(first, Keys.LODGED_AT),
        (Channel) value(first, Keys.CHANNEL),
        (String) value(household, Keys.LANGUAGE),
        household(),
        requests(requests),
        list(Paper.class, SubjectKind.PAPER, "/papers", owners),
        list(Signature.class, SubjectKind.SIGNATURE, "/signatures", requests).stream()
            .filter(signature -> ids.containsValue(signature.person()))
            .distinct()
            .toList());
    var byId = new HashMap<String, UUID>();
    ids.forEach((subject, id) -> byId.put(id, subject));
    return new Assembled(packet, places.with(byId));
  }

  Acting acting(Subject acting) {
    return record(Acting.class, acting);
  }

  OutsideParty party(Subject party) {
    return record(OutsideParty.class, party);
  }

  private void name(String letter, List<Subject> subjects) {
    for (var i = 0; i < subjects.size(); i++) {
      ids.put(subjects.get(i).id(), letter + (i + 1));
    }
  }

  private @Nullable Object value(UUID subject, String field) {
    return ledger.value(subject, field, when);
  }

  @SuppressWarnings("unchecked") // benefits are told as a set of them
  private Household household() {
    place("/household", household);
    var expected = (Integer) value(household, "expectedChildren");
    var benefits = (Set<Benefit>) value(household, "benefits");
    return new Household(
        only(Address.class, SubjectKind.HOME, "/household/address", Address.UNKNOWN),
        list(Person.class, "/household/people", people),
        expected == null ? 0 : expected,
        list(Income.class, SubjectKind.INCOME, "/household/incomes", owners),
        list(NoIncome.class, SubjectKind.NO_INCOME, "/household/noIncome", owners),
        whole(Expense.class, SubjectKind.EXPENSE, "expenses"),
        whole(Asset.class, SubjectKind.ASSET, "assets"),
        benefits,
        payment(),
        list(Consent.class, SubjectKind.CONSENT, "/household/consents", owners));
  }

  private <R extends Record> @Nullable List<R> whole(Class<R> type, SubjectKind kind, String list) {
    return ledger.list(household, list, when) == ListState.NOT_ASKED
        ? null
        : list(type, kind, "/household/" + list, owners);
  }

  private @Nullable Payment payment() {
    var account = ledger.only(SubjectKind.ACCOUNT, household);
    return account.filter(one -> ledger.isListed(one, when)).isEmpty()
        ? null
        : only(Payment.class, SubjectKind.ACCOUNT, "/household/payment", null);
  }

  private <R extends Record> R only(
      Class<R> type, SubjectKind kind, String place, @Nullable R otherwise) {
    var subject = ledger.only(kind, household);
    if (subject.isEmpty()) {
      return known(otherwise);
    }
    place(place, subject.get().id());
    return record(type, subject.get());
  }

  private <R extends Record> List<R> list(
      Class<R> type, SubjectKind kind, String place, List<UUID> of) {
    return list(type, place, ledger.listed(kind, of, when));
  }

  private <R extends Record> List<R> list(Class<R> type, String place, List<Subject> subjects) {
    var list = new ArrayList<R>();
    for (var i = 0; i < subjects.size(); i++) {
      place(place + "/" + i, subjects.get(i).id());
      list.add(record(type, subjects.get(i)));
    }
    return list;
  }

  private void place(String place, UUID subject) {
    places.put(place, subject);
  }

  private <R extends Record> R record(Class<R> type, Subject subject) {
    var parts = Parts.of(type);
    var values = new Object[parts.fields().size()];
    for (var i = 0; i < values.length; i++) {
      values[i] = part(subject, parts.fields().get(i));
    }
    return type.cast(parts.make(values));
  }

  private @Nullable Object part(Subject subject, Field field) {
    if (field.key().equals(Keys.ID)) {
      return ids.get(subject.id());
    } else if (field.key().equals(Keys.OWNER) && Keys.belongsToPerson(subject.kind())) {
      return subject.of() == null ? null : ids.get(subject.of());
    } else if (field.key().equals(Keys.ROLE) && subject.kind() == SubjectKind.PERSON) {
      return ledger.membership(subject.id(), when).map(Membership::role).orElse(null);
    }
    return References.renamed(field.value(), value(subject.id(), field.key()), this::idOf);
  }

  private @Nullable String idOf(String subject) {
    return ids.get(UUID.fromString(subject));
  }

  private List<Request> requests(List<UUID> requests) {
    var list = new ArrayList<Request>();
    for (var i = 0; i < requests.size(); i++) {
      var request = requests.get(i);
      place("/requests/" + i, request);
      var word = (String) known(value(request, Keys.SERVICE));
      var answers = Services.named(word).orElseThrow().answers();
      list.add(new Request(word, record(answers, ledger.subject(request).orElseThrow())));
    }
    return list;
  }
}
