package civitane.app.claims;

import civitane.core.claims.Claim;
import civitane.core.claims.ClaimState;
import civitane.core.claims.Decision;
import civitane.core.claims.DecisionKind;
import civitane.core.claims.Item;
import civitane.core.claims.NextStep;
import civitane.core.claims.Occasion;
import civitane.core.claims.OutsideDate;
import civitane.core.claims.Pace;
import civitane.core.claims.Step;
import civitane.core.claims.Stint;
import civitane.core.claims.Turn;
import civitane.core.rules.StandardTime;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.Formula;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/**
 * A claim as it is kept.
 *
 * <p>Turn, step and pressing day stand beside it for sorting: all stay true while nothing happens.
 */
@Entity
@Table(name = "claim")
class StoredClaim {
  private static final int A_PAGE = Desk.PAGE;

  @Id
  private UUID id;

  private String number;
  private UUID householdId;
  private UUID applicationId;
  private String service;
  private UUID requestId;

  @Enumerated(EnumType.STRING)
  private ClaimState state;

  @Enumerated(EnumType.STRING)
  private DecisionKind working;

  @Enumerated(EnumType.STRING)
  private Turn turn;

  private LocalDate lodgedOn;
  private LocalDate pressingOn;
  private @Nullable String holder;
  private boolean urgent;

  /** What is not urgent comes after what is: the order of the Desk, as its index has it. */
  @Formula("not urgent")
  private boolean patient;

  @Enumerated(EnumType.STRING)
  private @Nullable Occasion outsideWhat;

  private @Nullable LocalDate outsideOn;
  private @Nullable String outsideShownBy;

  @Enumerated(EnumType.STRING)
  private @Nullable Step step;

  private int standardDays;
  private boolean standardWorking;

  @ElementCollection
  @CollectionTable(name = "claim_item", joinColumns = @JoinColumn(name = "claim_id"))
  @OrderColumn(name = "nr")
  @BatchSize(size = A_PAGE)
  private List<StoredItem> items = new ArrayList<>();

  @ElementCollection
  @CollectionTable(name = "claim_stint", joinColumns = @JoinColumn(name = "claim_id"))
  @OrderColumn(name = "nr")
  @BatchSize(size = A_PAGE)
  private List<StoredStint> stints = new ArrayList<>();

  @ElementCollection
  @CollectionTable(name = "claim_decision", joinColumns = @JoinColumn(name = "claim_id"))
  @OrderColumn(name = "nr")
  @BatchSize(size = A_PAGE)
  private List<StoredDecision> decisions = new ArrayList<>();

  /** Each move makes another version, whatever it changes. */
  private int moves;

  @Version
  private int version;

  protected StoredClaim() {}

  StoredClaim(NewClaim fresh, Claim claim) {
    this.id = UUID.randomUUID();
    this.number = claim.number();
    this.householdId = fresh.household();
    this.applicationId = fresh.application();
    this.service = fresh.service();
    this.requestId = fresh.request();
    this.standardDays = claim.standard().days();
    this.standardWorking = claim.standard().working();
    becomes(claim);
  }

  UUID id() {
    return id;
  }

  UUID householdId() {
    return householdId;
  }

  String service() {
    return service;
  }

  String number() {
    return number;
  }

  boolean urgent() {
    return urgent;
  }

  LocalDate pressingOn() {
    return pressingOn;
  }

  UUID applicationId() {
    return applicationId;
  }

  UUID requestId() {
    return requestId;
  }

  int version() {
    return version;
  }

  private @Nullable OutsideDate outside() {
    return outsideWhat == null
        ? null
        : new OutsideDate(outsideWhat, known(outsideOn), known(outsideShownBy));
  }

  Claim claim() {
    return new Claim(
        number,
        lodgedOn,
        new StandardTime(standardDays, standardWorking),
        new Pace(urgent, outside()),
        state,
        holder,
        numbered(items, StoredItem::item),
        stints.stream().map(StoredStint::stint).toList(),
        numbered(decisions, StoredDecision::decision),
        working);
  }

  private interface Numbered<S, V> {
    V value(S stored, int number);
  }

  private static <S, V> List<V> numbered(List<S> stored, Numbered<S, V> as) {
    return IntStream.range(0, stored.size())
        .mapToObj(i -> as.value(stored.get(i), i + 1))
        .toList();
  }

  /** Keeps what a move has made of it. */
  final void becomes(Claim claim) {
    this.moves++;
    this.state = claim.state();
    this.working = claim.working();
    this.holder = claim.holder();
    this.lodgedOn = claim.lodgedOn();
    this.turn = claim.turn();
    this.step = claim.next(claim.lodgedOn()).map(NextStep::step).orElse(null);
    this.urgent = claim.pace().urgent();
    var outside = claim.pace().outside();
    this.outsideWhat = outside == null ? null : outside.what();
    this.outsideOn = outside == null ? null : outside.on();
    this.outsideShownBy = outside == null ? null : outside.shownBy();
    this.pressingOn = claim.pressingOn();
    keep(items, claim.items().stream().map((Item item) -> StoredItem.of(item)).toList());
    keep(
        stints,
        claim.stints().stream().map((Stint stint) -> StoredStint.of(stint)).toList());
    keep(
        decisions,
        claim.decisions().stream().map((Decision one) -> StoredDecision.of(one)).toList());
  }

  /** Only what is new or different is written. */
  private static <S> void keep(List<S> kept, List<S> now) {
    while (kept.size() > now.size()) {
      kept.remove(kept.size() - 1);
    }
    for (var i = 0; i < now.size(); i++) {
      if (i == kept.size()) {
        kept.add(now.get(i));
      } else if (!kept.get(i).equals(now.get(i))) {
        kept.set(i, now.get(i));
      }
    }
  }
}
