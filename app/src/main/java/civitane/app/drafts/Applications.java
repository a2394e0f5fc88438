package civitane.app.drafts;

import civitane.app.audit.AuditLog;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Masked;
import civitane.app.ledger.OfficeBooks;
import civitane.app.letters.Letters;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Actor;
import civitane.core.facts.Packet;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;

/** Applications while they are being taken. */
@Service
public class Applications {
  private static final int MOST_DRAFTS = 100;

  private final ApplicationRepository repository;
  private final ClaimLists claimLists;
  private final OfficeBooks books;
  private final Letters letters;
  private final Staff staff;
  private final AuditLog audit;
  private final JsonMapper json;
  private final Clock clock;

  Applications(
      ApplicationRepository repository,
      ClaimLists claimLists,
      OfficeBooks books,
      Letters letters,
      Staff staff,
      AuditLog audit,
      JsonMapper json,
      Clock clock) {
    this.repository = repository;
    this.claimLists = claimLists;
    this.books = books;
    this.letters = letters;
    this.staff = staff;
    this.audit = audit;
    this.json = json;
    this.clock = clock;
  }

  @Transactional
  public ApplicationView begin(Staff.Colleague by) {
    return keep(by, Draft.empty(json));
  }

  /** Begins an application with a packet that was read without a fault. */
  @Transactional
  public ApplicationView begin(Staff.Colleague by, JsonNode packet) {
    return keep(by, new Draft(packet, json.createObjectNode(), json.createObjectNode()));
  }

  /**
   * Begins an application with what was read off a printed form: each place waits to be confirmed by a person.
   *
   * @param from where it was read, as the screen says it
   */
  @Transactional
  public ApplicationView begin(
      Staff.Colleague by, JsonNode packet, Collection<String> read, String from) {
    var taking = json.createObjectNode();
    read.forEach(place -> new Taking(taking).mark(place, from));
    return keep(by, new Draft(packet, json.createObjectNode(), taking));
  }

  /** Begins an application that the household takes itself; it is known by it until it is lodged. */
  @Transactional
  public ApplicationView beginThemselves(JsonNode packet) {
    var id = UUID.randomUUID();
    return keep(
        new Actor.Person(id),
        id,
        new Draft(packet, json.createObjectNode(), json.createObjectNode()),
        null);
  }

  /** The same of a household that is known, by whoever of it does so. */
  @Transactional
  public ApplicationView beginThemselves(Actor by, JsonNode packet, UUID household) {
    return beginThemselves(
        by, new Draft(packet, json.createObjectNode(), json.createObjectNode()), household);
  }

  /** The same with more than a packet. */
  @Transactional
  public ApplicationView beginThemselves(Actor by, Draft draft, UUID household) {
    return keep(by, UUID.randomUUID(), draft, household);
  }

  private ApplicationView keep(Staff.Colleague by, Draft draft) {
    return keep(by.actor(), UUID.randomUUID(), draft, null);
  }

  private ApplicationView keep(Actor by, UUID id, Draft draft, @Nullable UUID household) {
    var record = new StoredApplication(
        id, json.writeValueAsString(draft), draft.title(), by.written(), clock.instant());
    if (household != null) {
      record.belongsTo(household);
    }
    repository.saveAndFlush(record);
    audit.record(by.written(), "application begun", id.toString(), "");
    return view(record);
  }

  @Transactional(readOnly = true)
  public ApplicationView view(UUID id) {
    return view(find(id));
  }

  /** Saves what was typed, unless somebody else saved since the version it was typed on. */
  @Transactional
  public ApplicationView type(Actor by, UUID id, int onVersion, Draft draft) {
    var record = hold(id);
    if (!draft.hasItsParts()) {
      throw Problem.wrong("A draft holds a packet, what was typed, and how it is taken.");
    }
    if (!StoredApplication.DRAFTING.equals(record.state())) {
      throw Problem.wrong(
          "The application is " + record.state() + " already and is not typed on any more.");
    }
    if (record.version() != onVersion) {
      throw Problem.overtaken(staff.nameOf(record.updatedBy())
          + " saved this draft in another window after you opened it here.");
    }
    var whole = whole(draft, record);
    record.typed(json.writeValueAsString(whole), whole.title(), by.written(), clock.instant());
    repository.flush();
    audit.record(by.written(), "draft saved", id.toString(), "version " + record.version());
    return view(record);
  }

  private Draft whole(Draft typed, StoredApplication record) {
    var kept = new KeptNumbers(draft(record).packet());
    return new Draft(kept.in(typed.packet()), typed.typed(), typed.taking());
  }

  /** What a browser sent, with the numbers whole that it was sent masked. */
  @Transactional(readOnly = true)
  Draft whole(Draft typed, UUID application) {
    return whole(typed, find(application));
  }

  /**
   * A number of a person or an account, whole; that it was shown is in the log.
   *
   * @param place where it stands in the packet
   */
  @Transactional
  public String number(Actor by, UUID id, String place) {
    var found = place.startsWith("/")
        ? draft(find(id)).packet().at(place)
        : JsonNodeFactory.instance.missingNode();
    if (!Masked.isNumber(place.substring(place.lastIndexOf('/') + 1)) || !found.isString()) {
      throw Problem.notThere("The number");
    }
    audit.record(by.written(), "number shown", id.toString(), place);
    return found.stringValue();
  }

  /** Changes a draft on the server, as a register's answer does, over whatever version there is. */
  @Transactional(propagation = Propagation.MANDATORY)
  public ApplicationView rewrite(
      Staff.Colleague by, UUID id, UnaryOperator<Draft> change, String words) {
    var record = hold(id);
    isStillTaken(record);
    var draft = change.apply(draft(record));
    record.typed(json.writeValueAsString(draft), draft.title(), by.login(), clock.instant());
    repository.flush();
    audit.record(by.login(), words, id.toString(), "version " + record.version());
    return view(record);
  }

  /** From now on the draft is of a household the office knows. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void belongsTo(UUID id, UUID household) {
    hold(id).belongsTo(household);
  }

  /** The household a draft is of; none while it is nobody's yet. */
  @Transactional(readOnly = true)
  public Optional<UUID> household(UUID id) {
    return Optional.ofNullable(find(id).householdId());
  }

  /** A packet with what the office's books hold of its household, where it is known. */
  @Transactional(readOnly = true)
  public Packet filled(Packet packet, @Nullable UUID application) {
    return books.filled(packet, application == null ? null : find(application).householdId());
  }

  /** The version of a draft, to see whether somebody typed elsewhere. */
  @Transactional(readOnly = true)
  public int version(UUID id) {
    return find(id).version();
  }

  private static void isStillTaken(StoredApplication record) {
    if (!StoredApplication.DRAFTING.equals(record.state())) {
      throw Problem.wrong("The application is " + record.state() + " already.");
    }
  }

  /** An application while it is taken. */
  @Transactional(readOnly = true)
  public ApplicationView drafting(UUID id) {
    var record = find(id);
    isStillTaken(record);
    return view(record);
  }

  @Transactional
  public void withdraw(Actor by, UUID id) {
    var record = hold(id);
    isStillTaken(record);
    record.withdrawn(by.written(), clock.instant());
    audit.record(by.written(), "application withdrawn", id.toString(), "");
  }

  /**
   * The drafts that wait, the latest first.
   *
   * @param hidden the households that are not there for who looks
   */
  @Transactional(readOnly = true)
  public List<ApplicationView.ListedDraft> drafts(Set<UUID> hidden) {
    return repository
        .findByStateOrderByUpdatedAtDescIdAsc(StoredApplication.DRAFTING, Limit.of(MOST_DRAFTS))
        .stream()
        .filter(record -> record.householdId() == null || !hidden.contains(record.householdId()))
        .map(record -> new ApplicationView.ListedDraft(
            record.id(),
            record.title(),
            staff.nameOf(record.updatedBy()),
            record.updatedAt(),
            services(record)))
        .toList();
  }

  private List<String> services(StoredApplication record) {
    var services = new ArrayList<String>();
    for (var request : draft(record).packet().path("requests")) {
      services.add(request.path("service").asString(""));
    }
    return services;
  }

  public Draft draft(StoredApplication record) {
    return json.readValue(record.draft(), Draft.class);
  }

  /** The application to be changed; whoever else changes it waits. */
  public StoredApplication hold(UUID id) {
    return repository.hold(id).orElseThrow(() -> Problem.notThere("The application"));
  }

  /** The application as it is kept. */
  @Transactional(readOnly = true)
  public StoredApplication find(UUID id) {
    return repository.findById(id).orElseThrow(() -> Problem.notThere("The application"));
  }

  /** The number that a receipt has where the claim is the first on it. */
  public static String receiptOf(String claim) {
    return "R-" + claim.substring(claim.indexOf('-') + 1);
  }

  /** The claim that a letter is about: the one of its receipt, or the one whose number it bears. */
  public static String claimOf(String about) {
    return about.startsWith("R-") ? "BW-" + about.substring(about.indexOf('-') + 1) : about;
  }

  public ApplicationView view(StoredApplication record) {
    var numbers = claimLists.ofApplication(record.id());
    var about =
        numbers.stream().flatMap(number -> Stream.of(number, receiptOf(number))).toList();
    return new ApplicationView(
        record.id(),
        record.state(),
        draft(record),
        record.version(),
        staff.nameOf(record.updatedBy()),
        record.updatedAt(),
        record.receipt(),
        numbers,
        claimLists.lodgedWith(record.id()),
        letters.about(about));
  }
}
