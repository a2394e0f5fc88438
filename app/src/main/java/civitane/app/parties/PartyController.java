package civitane.app.parties;

import civitane.app.access.Guard;
import civitane.app.claims.ClaimLists;
import civitane.app.once.OnceByKey;
import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.core.facts.MailingAddress;
import civitane.core.facts.OutsideParty;
import civitane.core.facts.PartyKind;
import civitane.core.facts.Vocabulary;
import civitane.packet.shape.Accounts;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Somebody outside: employers, landlords, lenders, schools, doctors, authorities. */
@RestController
class PartyController {
  /** More names than are read at a glance help nobody to type. */
  private static final int MOST_NAMES = 8;

  private final Parties parties;
  private final Guard guard;
  private final Staff staff;

  PartyController(Parties parties, Guard guard, Staff staff) {
    this.parties = parties;
    this.guard = guard;
    this.staff = staff;
  }

  /** What a party told, on which version of the record, and how. */
  record ToldByParty(
      int version,
      String name,
      @Nullable MailingAddress address,
      @Nullable String phone,
      @Nullable String email,
      @Nullable String iban,
      @Nullable Boolean takesPart,
      String how) {}

  /** A new record. */
  record NewParty(String kind, String name) {}

  /** How a party was asked. */
  record AskedHow(String how) {}

  /** The record that another was found to be. */
  record SameAs(UUID other) {}

  /** How many claims a party was asked about. */
  record AskedAbout(int claims) {}

  @GetMapping("/api/parties")
  @PreAuthorize(May.SEE_CLAIMS)
  List<PartyView.ListedParty> parties(
      @RequestParam(required = false) @Nullable String kind,
      @RequestParam(defaultValue = "") String start) {
    return listed(parties.list(kind == null ? null : kind(kind), start));
  }

  private List<PartyView.ListedParty> listed(List<PartyRows.Listed> found) {
    var hidden = guard.hiddenFrom(staff.me());
    return found.stream()
        .map(one -> new PartyView.ListedParty(
            one.id(),
            one.kind().word(),
            one.name(),
            one.takesPart(),
            waiting(one.id(), hidden).size()))
        .toList();
  }

  /**
   * The claims that wait for them.
   *
   * @param hidden the households that are not there for who looks
   */
  private List<ClaimLists.Waiting> waiting(UUID id, Set<UUID> hidden) {
    return parties.waiting(id).stream()
        .filter(one -> !hidden.contains(one.household()))
        .toList();
  }

  private static PartyKind kind(String word) {
    if (Vocabulary.of(PartyKind.class).byWord().get(word) instanceof PartyKind kind) {
      return kind;
    }
    throw Problem.notThere("A kind of this name");
  }

  /** The names that begin like what was typed, for whoever types one. */
  @GetMapping("/api/parties/names")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<String> names(@RequestParam String kind, @RequestParam String start) {
    return parties.list(kind(kind), start).stream()
        .map(PartyRows.Listed::name)
        .limit(MOST_NAMES)
        .toList();
  }

  @GetMapping("/api/parties/{id}")
  @PreAuthorize(May.SEE_CLAIMS)
  PartyView party(@PathVariable UUID id) {
    var listed = parties.find(id);
    var party = parties.known(id);
    return new PartyView(
        id,
        listed.kind().word(),
        party.name(),
        party.address(),
        party.phone(),
        party.email(),
        party.iban(),
        party.takesPart(),
        listed.joinedTo(),
        listed.version(),
        waiting(id, guard.hiddenFrom(staff.me())),
        listed(parties.alike(listed)),
        listed(parties.joined(listed)));
  }

  @PostMapping("/api/parties")
  @PreAuthorize(May.WORK_CLAIMS)
  PartyView add(@RequestBody NewParty fresh) {
    return party(parties.add(staff.me(), kind(fresh.kind()), fresh.name()));
  }

  @PostMapping("/api/parties/{id}/told")
  @PreAuthorize(May.WORK_CLAIMS)
  PartyView told(@PathVariable UUID id, @RequestBody ToldByParty told) {
    parties.tell(staff.me(), id, told.version(), party(id, told), told.how());
    return party(id);
  }

  private OutsideParty party(UUID id, ToldByParty told) {
    var iban = blank(told.iban());
    if (iban != null && !Accounts.isIban(iban)) {
      throw Problem.wrong("The account is no IBAN: its check digits do not fit.");
    }
    if (told.name().isBlank()) {
      throw Problem.wrong("Somebody outside needs a name.");
    }
    return new OutsideParty(
        parties.find(id).kind(),
        told.name().strip(),
        told.address(),
        blank(told.phone()),
        blank(told.email()),
        iban,
        told.takesPart());
  }

  private static @Nullable String blank(@Nullable String text) {
    return text == null || text.isBlank() ? null : text.strip();
  }

  @PostMapping("/api/parties/{id}/asked")
  @OnceByKey
  @PreAuthorize(May.WORK_CLAIMS)
  AskedAbout asked(@PathVariable UUID id, @RequestBody AskedHow asked) {
    return new AskedAbout(parties.ask(staff.me(), id, asked.how()));
  }

  @PostMapping("/api/parties/{id}/same")
  @PreAuthorize(May.WORK_CLAIMS)
  PartyView same(@PathVariable UUID id, @RequestBody SameAs same) {
    parties.join(staff.me(), id, same.other());
    return party(same.other());
  }

  @PostMapping("/api/parties/{id}/apart")
  @PreAuthorize(May.WORK_CLAIMS)
  PartyView apart(@PathVariable UUID id) {
    parties.part(staff.me(), id);
    return party(id);
  }
}
