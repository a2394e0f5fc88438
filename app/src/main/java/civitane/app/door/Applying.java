package civitane.app.door;

import civitane.app.determining.Screenings;
import civitane.app.drafts.Applications;
import civitane.app.drafts.Draft;
import civitane.app.drafts.StoredApplication;
import civitane.app.lodging.KnownHouseholds;
import civitane.app.lodging.Lodging;
import civitane.app.messages.OwnContact;
import civitane.app.problems.Problem;
import civitane.core.claims.Actor;
import civitane.core.facts.Channel;
import civitane.core.facts.ConsentTo;
import civitane.core.facts.Household;
import civitane.core.rules.Entitlement;
import civitane.core.services.Permissions;
import civitane.core.services.Services;
import civitane.packet.form.ScreenForm;
import civitane.words.Language;
import civitane.words.Words;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * An application that a household takes itself, from wherever it is: the questions of the form, a page for each group,
 * kept as they are typed in the same draft that the desk opens. Once the office has typed on it, it is the office's.
 */
@Service
class Applying {
  /** The lists of which nobody was asked before their page was gone through. */
  private static final Set<String> ASKED_BY_PAGE = Set.of("assets", "expenses");

  private static final List<String> LISTS =
      List.of("people", "incomes", "noIncome", "expenses", "assets");

  private static final String HOUSEHOLD = "/household/";
  private static final String ASKED = "asked";

  /** The questions that a register answered and that nobody has looked over since. */
  private static final String LOOKED_UP = "lookedUp";

  private static final String ALL_LOOKED_UP = "allLookedUp";

  private static final int LONGEST_ANSWER = 2_000;

  /** More at once nobody reads through on a phone before they sign it. */
  private static final int MOST_SERVICES = 4;

  private final Applications applications;
  private final OwnApplications own;
  private final Lodging lodging;
  private final KnownHouseholds households;
  private final Screenings screenings;
  private final Choosing choosing;
  private final SeenInPerson seen;
  private final JsonMapper json;
  private final Clock clock;

  Applying(
      Applications applications,
      OwnApplications own,
      Lodging lodging,
      KnownHouseholds households,
      Screenings screenings,
      Choosing choosing,
      SeenInPerson seen,
      JsonMapper json,
      Clock clock) {
    this.applications = applications;
    this.own = own;
    this.lodging = lodging;
    this.households = households;
    this.screenings = screenings;
    this.choosing = choosing;
    this.seen = seen;
    this.json = json;
    this.clock = clock;
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }

  /** Begins an application for a service, of whoever a contact is. */
  @Transactional(propagation = Propagation.MANDATORY)
  public UUID begin(Entitlement<?> service, OwnContact contact, Language language) {
    var key = HOUSEHOLD + "people/0/contact/" + (contact.isMail() ? "email" : "phone");
    var filled = new ScreenForm(List.of(service), today(), language)
        .filled(Map.of(key, String.valueOf(contact.way().at())));
    var packet = filled.packet();
    complete(packet, contact.key(), Set.of());
    return applications.beginThemselves(packet).id();
  }

  /** What no question of the form asks: how it comes in, what may be sent where, and what nobody was asked. */
  private static void complete(ObjectNode packet, String contact, Set<String> asked) {
    packet.put("channel", Channel.ONLINE.word());
    packet.remove("lodgedOn");
    if (packet.at(HOUSEHOLD + "people/0/contact") instanceof ObjectNode reached) {
      allow(reached, "phone", "mayText", contact);
      allow(reached, "email", "mayWrite", contact);
    }
    var household = packet.withObject("/household");
    if (!household.has("expectedChildren")) {
      household.put("expectedChildren", 0);
    }
    for (var list : ASKED_BY_PAGE) {
      if (!asked.contains(list)) {
        household.remove(list);
      } else if (!household.has(list)) {
        household.putArray(list);
      }
    }
  }

  /** Where a code came to them, they may be written to. */
  private static void allow(ObjectNode reached, String way, String may, String contact) {
    if (OwnContact.of(reached.path(way).asString(""))
        .filter(one -> one.key().equals(contact))
        .isPresent()) {
      reached.put(may, true);
    }
  }

  /**
   * Begins an application of a household that is known: all that it told stands in it, to be looked over and signed.
   *
   * @param contact by which it is come back to
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public UUID begin(
      Entitlement<?> service, Actor by, UUID household, String contact, Language language) {
    var known = households.toldBy(household);
    known.withArray("requests").addObject().put("service", service.word()).putObject("answers");
    var form = new ScreenForm(List.of(service), today(), language);
    var filled = form.filled(form.written(known));
    if (!filled.unread().isEmpty() || isCut(known, filled.packet())) {
      throw Problem.wrong(Words.in(language).say("door.again.tooMuch"));
    }
    var asked = ASKED_BY_PAGE.stream()
        .filter(list -> known.path("household").path(list).isArray())
        .collect(Collectors.toUnmodifiableSet());
    new Unasked(form).keep(known, filled.packet());
    // What a register said for what was asked before is of that time.
    filled
        .packet()
        .at(HOUSEHOLD + "incomes")
        .forEach(income -> ((ObjectNode) income).remove("registerMonthly"));
    complete(filled.packet(), contact, asked);
    var taking = json.createObjectNode();
    asked.forEach(taking.putArray(ASKED)::add);
    var begun = applications
        .beginThemselves(by, new Draft(filled.packet(), json.createObjectNode(), taking), household)
        .id();
    own.add(begun, contact);
    return begun;
  }

  /** Whether the form has fewer places than there is to say. */
  private static boolean isCut(JsonNode known, JsonNode filled) {
    return LISTS.stream()
        .anyMatch(list -> known.path("household").path(list).size()
            > filled.path("household").path(list).size());
  }

  /** What was typed so far, for a page each. */
  @Transactional(readOnly = true)
  public DoorForm of(Applicant applicant, Language language) {
    var id = applicant.application();
    var record = applications.find(id);
    var draft = applications.draft(record);
    var services = services(draft);
    var words = Words.in(language);
    var form = new ScreenForm(services, today(), language);
    var written = written(form, draft);
    var groups = form.groups();
    return new DoorForm(
        title(draft, words),
        services.stream()
            .map(one -> new DoorForm.DoorChoice(one.word(), words.title(one.word())))
            .toList(),
        more(services, words),
        record.version(),
        !isTheirs(record),
        applicant.isKnown(),
        mayLookUp(record, draft)
            ? words.say("door.lookUp.until", "until", words.date(Permissions.until(today())))
            : "",
        record.householdId() == null ? new ForOthers(words).asks(draft.taking()) : List.of(),
        IntStream.range(0, groups.size())
            .mapToObj(page -> new DoorForm.DoorPage(
                groups.get(page).title(),
                where(page, groups, words),
                groups.get(page).asks().stream()
                    .map(ask -> asked(ask, written, draft, record.householdId() != null, words))
                    .toList()))
            .toList(),
        where(groups.size(), groups, words));
  }

  /**
   * A service that is asked for, and what was told for it.
   *
   * @param told a packet with that request alone
   */
  record OnPaper(Entitlement<?> service, ObjectNode told) {}

  /** What stands on the form of a service, to be printed: as on the screen without what the office knows and does not show. */
  @Transactional(readOnly = true)
  public OnPaper onPaper(UUID id, String word) {
    var record = applications.find(id);
    var draft = applications.draft(record);
    var services = services(draft);
    var service = services.stream()
        .filter(one -> one.word().equals(word))
        .findFirst()
        .orElseThrow(() -> Problem.notThere("What is asked for"));
    var told = (ObjectNode) draft.packet().deepCopy();
    told.putArray("requests").add(draft.packet().at("/requests/" + services.indexOf(service)));
    if (record.householdId() == null) {
      return new OnPaper(service, told);
    }
    var form = new ScreenForm(List.of(service), today(), Language.EN);
    var shown = new HashMap<>(form.written(told));
    shown.keySet().removeIf(Withheld::isWithheld);
    return new OnPaper(service, form.filled(shown).packet());
  }

  /** What is asked for, in words. */
  static String title(Draft draft, Words words) {
    return String.join(
        ", ", services(draft).stream().map(one -> words.title(one.word())).toList());
  }

  /** Which page of all it is; the last is the one on which it is signed. */
  private static String where(int page, List<ScreenForm.Group> groups, Words words) {
    return words.say(
        "door.apply.page",
        "n",
        BigDecimal.valueOf(page + 1L),
        "of",
        BigDecimal.valueOf(groups.size() + 1L));
  }

  private DoorForm.DoorAsk asked(
      ScreenForm.Ask ask, Map<String, String> written, Draft draft, boolean isKnown, Words words) {
    var value = written.getOrDefault(ask.name(), "");
    var withheld = isKnown && !value.isEmpty() && Withheld.isWithheld(ask.name());
    return new DoorForm.DoorAsk(
        ask.name(),
        ask.label(),
        choosing.kind(ask),
        choosing.choices(ask),
        withheld ? "" : value,
        draft.typed().has(ask.name()) ? Unread.of(ask.form(), words) : "",
        withheld
            ? Withheld.said(ask.name(), value, words)
            : isLookedUp(draft, ask.name()) ? words.say("door.lookUp.from") : "");
  }

  private static boolean isLookedUp(Draft draft, String name) {
    return draft
        .taking()
        .path(LOOKED_UP)
        .valueStream()
        .anyMatch(one -> name.equals(one.asString("")));
  }

  /** Whether whoever applies may have the registers asked: where the office has seen who they are, until all have answered. */
  private boolean mayLookUp(StoredApplication record, Draft draft) {
    return lookUpFor(record, draft).isPresent();
  }

  /** Whether it was allowed in this application itself, for the registers to be asked. */
  static boolean isAllowedHere(Draft draft, JsonNode consent) {
    return draft.taking().has(ALL_LOOKED_UP)
        && ConsentTo.REGISTERS.word().equals(consent.path("to").asString(""));
  }

  /** The same, with the household as it is known. */
  Optional<Household> lookUpFor(StoredApplication record, Draft draft) {
    return Optional.ofNullable(record.householdId())
        .filter(household -> isTheirs(record))
        .filter(household -> !draft.taking().path(ALL_LOOKED_UP).asBoolean(false))
        .flatMap(seen::of);
  }

  /**
   * Takes over what registers filled in, to be looked over.
   *
   * @param all whether all of them answered; else they may be asked again
   * @return how many questions they answered
   */
  @Transactional(propagation = Propagation.MANDATORY)
  int lookedUp(UUID id, int version, Draft found, boolean all, Language language) {
    var draft = applications.draft(theirs(id));
    var form = new ScreenForm(services(draft), today(), language);
    var before = form.written(draft.packet());
    var after = form.written(found.packet());
    if (isCut(found.packet(), form.filled(after).packet())) {
      throw Problem.wrong(Words.in(language).say("door.again.tooMuch"));
    }
    var taking = (ObjectNode) draft.taking().deepCopy();
    taking.put(ALL_LOOKED_UP, all);
    var names = taking.withArray(LOOKED_UP);
    var lookedUpBefore = names.size();
    after.forEach((name, value) -> {
      if (!value.equals(before.getOrDefault(name, ""))) {
        names.add(name);
      }
    });
    applications.type(
        new Actor.Person(id), id, version, new Draft(found.packet(), draft.typed(), taking));
    return names.size() - lookedUpBefore;
  }

  static List<? extends Entitlement<?>> services(Draft draft) {
    return draft
        .packet()
        .path("requests")
        .valueStream()
        .map(request -> Services.named(request.path("service").asString(""))
            .orElseThrow(() -> Problem.notThere("What is asked for")))
        .toList();
  }

  /** What else can be asked for with the same facts. */
  private List<DoorForm.DoorChoice> more(List<? extends Entitlement<?>> services, Words words) {
    return services.size() >= MOST_SERVICES
        ? List.of()
        : Services.all().stream()
            .filter(one -> !services.contains(one) && !one.offeredFrom().isAfter(today()))
            .map(one -> new DoorForm.DoorChoice(one.word(), words.title(one.word())))
            .toList();
  }

  /** Asks for something else, too, with the same facts. */
  @Transactional
  public void alsoAsk(UUID id, int version, String word) {
    var draft = applications.draft(theirs(id));
    var services = services(draft);
    var service = Services.named(word)
        .filter(one -> !services.contains(one) && !one.offeredFrom().isAfter(today()))
        .filter(one -> services.size() < MOST_SERVICES)
        .orElseThrow(() -> Problem.wrong("That can't be asked for, or is asked for already."));
    var packet = (ObjectNode) draft.packet().deepCopy();
    packet.withArray("requests").addObject().put("service", service.word()).putObject("answers");
    applications.type(
        new Actor.Person(id), id, version, new Draft(packet, draft.typed(), draft.taking()));
  }

  private static Map<String, String> written(ScreenForm form, Draft draft) {
    var written = new HashMap<>(form.written(draft.packet()));
    draft
        .typed()
        .properties()
        .forEach(typed -> written.put(typed.getKey(), typed.getValue().asString("")));
    return written;
  }

  private static boolean isTheirs(StoredApplication record) {
    return StoredApplication.DRAFTING.equals(record.state())
        && record.updatedBy().startsWith(Actor.PERSON);
  }

  /** Keeps what was typed on a page; what can't be read is kept as it was typed, and said. */
  @Transactional
  public DoorForm.DoorSaved fill(
      UUID id, int version, Map<String, String> typed, Language language) {
    var record = theirs(id);
    var draft = applications.draft(record);
    var form = new ScreenForm(services(draft), today(), language);
    if (typed.values().stream().anyMatch(text -> text.length() > LONGEST_ANSWER)) {
      throw Problem.wrong("An answer has at most " + LONGEST_ANSWER + " letters.");
    }
    var before = written(form, draft);
    var written = new HashMap<>(before);
    written.putAll(record.householdId() == null ? typed : Withheld.kept(before, typed));
    written.keySet().removeIf(ForOthers::isAsked);
    var taking = (ObjectNode) draft.taking().deepCopy();
    var contact = own.contact(id).orElse("");
    if (record.householdId() == null) {
      new ForOthers(Words.in(language)).keep(typed, taking);
      ForOthers.reach(written, taking, contact);
    }
    var filled = form.filled(written);
    new Unasked(form).keep(draft.packet(), filled.packet());
    var asked = taking.withArray(ASKED);
    var askedBefore = asked.valueStream().map(one -> one.asString("")).toList();
    ASKED_BY_PAGE.stream()
        .filter(list -> !askedBefore.contains(list))
        .filter(list ->
            typed.keySet().stream().anyMatch(name -> name.startsWith(HOUSEHOLD + list + "/")))
        .forEach(asked::add);
    complete(
        filled.packet(),
        contact,
        Set.copyOf(asked.valueStream().map(one -> one.asString("")).toList()));
    var unread = json.createObjectNode();
    filled.unread().forEach(name -> unread.put(name, written.get(name)));
    if (taking.path(LOOKED_UP) instanceof ArrayNode names) {
      names.removeIf(name -> typed.containsKey(name.asString("")));
    }
    var saved = applications.type(
        new Actor.Person(id), id, version, new Draft(filled.packet(), unread, taking));
    return new DoorForm.DoorSaved(
        saved.version(), new DoorWrongs(form, Words.in(language)).unread(filled.unread()));
  }

  /** Holds an application that is still theirs to go on with: neither lodged nor gone on with by the office. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(UUID id) {
    theirs(id);
  }

  /** The same, with what is held. */
  @Transactional(propagation = Propagation.MANDATORY)
  StoredApplication theirs(UUID id) {
    var record = applications.hold(id);
    if (!isTheirs(record)) {
      throw Problem.overtaken("The office goes on with this application.");
    }
    return record;
  }

  /** Puts it aside: it is not gone on with. */
  @Transactional
  public void putAside(UUID id) {
    theirs(id);
    applications.withdraw(new Actor.Person(id), id);
  }
}
