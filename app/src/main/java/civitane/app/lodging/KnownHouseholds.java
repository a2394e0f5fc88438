package civitane.app.lodging;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.ClaimLists;
import civitane.app.determining.Screenings;
import civitane.app.drafts.ApplicationView;
import civitane.app.drafts.Applications;
import civitane.app.drafts.Taking;
import civitane.app.households.Households;
import civitane.app.households.KnownPeople;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.matching.KnownPerson;
import civitane.core.matching.Likeness;
import civitane.packet.PacketWriter;
import civitane.words.Voice;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

import static civitane.core.facts.Known.known;

/** Households the office knows already: to copy what they told last, and to see what comes a second time. */
@Service
public class KnownHouseholds {
  /** What is confirmed entry by entry, and what in one. Consents are not: they have their own end. */
  private static final List<String> BY_ENTRY =
      List.of("people", "incomes", "noIncome", "expenses", "assets");

  private static final List<String> AS_A_WHOLE = List.of("address", "payment", "benefits");
  private static final int MOST = 6;

  private final Applications applications;
  private final Households households;
  private final KnownPeople people;
  private final ClaimLists claimLists;
  private final Screenings screenings;
  private final AuditLog audit;
  private final JsonMapper json;
  private final Clock clock;

  KnownHouseholds(
      Applications applications,
      Households households,
      KnownPeople people,
      ClaimLists claimLists,
      Screenings screenings,
      AuditLog audit,
      JsonMapper json,
      Clock clock) {
    this.applications = applications;
    this.households = households;
    this.people = people;
    this.claimLists = claimLists;
    this.screenings = screenings;
    this.audit = audit;
    this.json = json;
    this.clock = clock;
  }

  /** A household in which the applicant is known, with the day it told its facts last. */
  record Known(UUID household, String name, LocalDate toldOn, List<String> reasons) {}

  /** Two people side by side who may be one. */
  record Pair(String here, String there, int points, List<String> reasons) {}

  /**
   * A household that may be the same as the one that applies.
   *
   * @param same whether it is the same as far as anybody can tell; else somebody has to look
   * @param earlier claims of it for what is asked for now
   * @param decided {@code joined}; {@code own} where somebody of it has a household of their own now; {@code apart}; or empty
   */
  record Duplicate(
      UUID household,
      String name,
      boolean same,
      List<Pair> people,
      Map<String, List<ClaimLists.Earlier>> earlier,
      String decided) {

    /** The same to whoever may not see the household: that there is one, and nothing of it. */
    Duplicate restricted() {
      return new Duplicate(
          household, "A restricted household: ask a senior", same, List.of(), Map.of(), decided);
    }
  }

  private static List<String> said(Likeness likeness) {
    return likeness.reasons().stream()
        .map(reason -> DeskWords.WORDS.say(reason, Voice.DESK))
        .toList();
  }

  private static KnownPerson person(Packet packet, Person person) {
    var address = packet.household().address();
    return new KnownPerson(
        person.givenName(),
        person.familyName(),
        person.birthDate(),
        person.residentNumber(),
        address.line1(),
        address.postcode());
  }

  /**
   * Other households in which the applicant of a draft is known; not the one whose facts were taken over.
   *
   * @param hidden those that are not there for who looks
   */
  @Transactional(readOnly = true)
  List<Known> of(UUID id, Set<UUID> hidden) {
    var packet = packet(id);
    if (packet == null) {
      return List.of();
    }
    var ours = applications.household(id);
    var found = new LinkedHashMap<UUID, Known>();
    for (var one : people.like(person(packet, packet.household().applicant()))) {
      if (hidden.contains(one.household())
          || ours.filter(one.household()::equals).isPresent()) {
        continue;
      }
      households
          .told(one.household())
          .ifPresent(told -> found.putIfAbsent(
              one.household(),
              new Known(
                  one.household(), one.person().fullName(), told.on(), said(one.likeness()))));
    }
    return found.values().stream().limit(MOST).toList();
  }

  private @Nullable Packet packet(UUID id) {
    return screenings.readable(applications.view(id).draft().packet());
  }

  /**
   * Copies what a household told last into a draft: marked with the day, to be confirmed. Only of a household in which
   * the office itself finds the applicant of this draft.
   */
  @Transactional
  ApplicationView takeOver(Staff.Colleague by, UUID id, UUID household) {
    if (of(id, Set.of()).stream().noneMatch(known -> known.household().equals(household))) {
      throw Problem.notThere("The household");
    }
    var told = households.told(household).orElseThrow(() -> Problem.notThere("The household"));
    audit.record(by.login(), "facts taken over", id.toString(), household.toString());
    return taken(by, id, household, told, List.of());
  }

  /** Copies what a household told last into a draft of what it asks for now, as one of its claims made plain. */
  @Transactional(propagation = Propagation.MANDATORY)
  public ApplicationView asking(Staff.Colleague by, UUID id, UUID household, JsonNode request) {
    var told = households.told(household).orElseThrow(() -> Problem.notThere("The household"));
    return taken(by, id, household, told, List.of(request));
  }

  /** All that is known of a household as a packet in which nothing is asked for yet. */
  @Transactional(propagation = Propagation.MANDATORY)
  public ObjectNode toldBy(UUID household) {
    var told = households.told(household).orElseThrow(() -> Problem.notThere("The household"));
    var packet = (ObjectNode) json.readTree(PacketWriter.written(told.facts().packet()));
    packet.remove(List.of("lodgedOn", "lodgedAt", "assessedOn", "asOf"));
    packet.putArray("requests");
    packet.putArray("papers");
    packet.putArray("signatures");
    return packet;
  }

  private ApplicationView taken(
      Staff.Colleague by, UUID id, UUID household, Households.Told told, List<JsonNode> requests) {
    applications.belongsTo(id, household);
    return applications.rewrite(
        by,
        id,
        draft -> {
          var packet = (ObjectNode) draft.packet();
          var taking = new Taking(draft.taking());
          var facts = json.readTree(PacketWriter.written(told.facts().packet()));
          packet.set("household", facts.path("household").deepCopy());
          requests.forEach(packet.withArray("requests")::add);
          var from = told.on().toString();
          for (var list : BY_ENTRY) {
            var entries = packet.withObject("/household").withArray(list);
            for (var i = 0; i < entries.size(); i++) {
              taking.mark("/household/" + list + "/" + i, from);
            }
          }
          for (var whole : AS_A_WHOLE) {
            if (facts.path("household").path(whole).size() > 0) {
              taking.mark("/household/" + whole, from);
            }
          }
          return draft;
        },
        "facts taken over");
  }

  /** Copies all that is known of a household into a draft that reports a change of it: what stays as it is needs no word. */
  @Transactional(propagation = Propagation.MANDATORY)
  public ApplicationView changing(Staff.Colleague by, UUID id, UUID household) {
    var told = households.told(household).orElseThrow(() -> Problem.notThere("The household"));
    applications.belongsTo(id, household);
    return applications.rewrite(
        by,
        id,
        draft -> {
          var facts = json.readTree(PacketWriter.written(told.facts().packet()));
          ((ObjectNode) draft.packet()).set("household", facts.path("household").deepCopy());
          new Taking(draft.taking()).changes(LocalDate.now(clock));
          return draft;
        },
        "facts taken over");
  }

  /** Whether the office finds the applicant in a household. */
  boolean isKnownIn(UUID household, Packet packet) {
    return people.like(person(packet, packet.household().applicant())).stream()
        .anyMatch(one -> one.household().equals(household));
  }

  /** The people of a packet who are known in a household, each as at most one of them, the most alike first. */
  public Map<String, UUID> subjects(UUID household, Packet packet) {
    record Alike(String id, KnownPeople.Acquaintance one) {}
    var alike = packet.household().people().stream()
        .filter(person -> !person.fullName().isBlank())
        .flatMap(person -> people.like(person(packet, person)).stream()
            .filter(one -> one.household().equals(household))
            .map(one -> new Alike(person.id(), one)))
        .sorted(
            Comparator.comparing((Alike pair) -> pair.one().likeness().points()).reversed())
        .toList();
    var subjects = new LinkedHashMap<String, UUID>();
    for (var pair : alike) {
      if (!subjects.containsValue(pair.one().subject())) {
        subjects.putIfAbsent(pair.id(), pair.one().subject());
      }
    }
    return subjects;
  }

  /** Households of which somebody who applies now may be, with what they asked for before. */
  @Transactional(readOnly = true)
  List<Duplicate> duplicates(UUID id) {
    var view = applications.view(id);
    var packet = screenings.readable(view.draft().packet());
    return packet == null
        ? List.of()
        : duplicates(packet, new Taking(view.draft().taking()));
  }

  List<Duplicate> duplicates(Packet packet, Taking taking) {
    var pairs = new LinkedHashMap<UUID, List<Pair>>();
    for (var person : packet.household().people()) {
      if (person.fullName().isBlank()) {
        continue;
      }
      for (var one : people.like(person(packet, person))) {
        pairs
            .computeIfAbsent(one.household(), household -> new ArrayList<>())
            .add(new Pair(
                person.fullName(),
                one.person().fullName(),
                one.likeness().points(),
                said(one.likeness())));
      }
    }
    var names = households.named(List.copyOf(pairs.keySet()));
    return pairs.entrySet().stream()
        .map(entry -> new Duplicate(
            entry.getKey(),
            known(names.get(entry.getKey())).name(),
            entry.getValue().stream().anyMatch(pair -> pair.points() >= Likeness.SAME_FROM),
            entry.getValue(),
            earlier(entry.getKey(), packet),
            taking.decided(entry.getKey().toString())))
        .limit(MOST)
        .toList();
  }

  private Map<String, List<ClaimLists.Earlier>> earlier(UUID household, Packet packet) {
    var earlier = new LinkedHashMap<String, List<ClaimLists.Earlier>>();
    packet.requests().forEach(request -> {
      var before = claimLists.ofHousehold(household, request.service());
      if (!before.isEmpty()) {
        earlier.put(request.service(), before);
      }
    });
    return earlier;
  }
}
