package civitane.app.claims;

import civitane.core.claims.Claim;
import civitane.core.claims.ClaimState;
import civitane.core.claims.Decision;
import civitane.core.claims.DecisionKind;
import civitane.core.claims.Item;
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
import org.jspecify.annotations.Nullable;

/**
 * A claim as it is kept.
 *
 * <p>Turn and pressing day stand beside it for sorting: both stay true while nothing happens.
 */
@Entity
@Table(name = "claim")
class StoredClaim {
  private static final int A_PAGE = 200;

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
    this.lodgedOn = claim.lodgedOn();
    this.urgent = claim.urgent();
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

  UUID requestId() {
    return requestId;
  }

  int version() {
    return version;
  }

  Claim claim() {
    return new Claim(
        number,
        lodgedOn,
        new StandardTime(standardDays, standardWorking),
        urgent,
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
    this.turn = claim.turn();
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
