package civitane.app.claims;

import civitane.core.claims.ClaimState;
import civitane.core.claims.Turn;
import civitane.core.rules.StandardTime;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One request of a lodged application, with its own number and state. */
@Entity
@Table(name = "claim")
class StoredClaim {
  @Id
  private UUID id;

  private String number;
  private UUID householdId;
  private UUID applicationId;
  private String service;

  @Enumerated(EnumType.STRING)
  private ClaimState state;

  @Enumerated(EnumType.STRING)
  private Turn turn;

  private LocalDate lodgedOn;
  private LocalDate dueOn;
  private @Nullable String nextStep;
  private @Nullable LocalDate nextOn;
  private @Nullable String holder;
  private String packet;
  private boolean urgent;
  private int standardDays;
  private boolean standardWorking;

  @Version
  private int version;

  protected StoredClaim() {}

  StoredClaim(NewClaim fresh, String number) {
    this.id = UUID.randomUUID();
    this.number = number;
    this.householdId = fresh.household();
    this.applicationId = fresh.application();
    this.service = fresh.service();
    this.state = ClaimState.LODGED;
    this.turn = Turn.OURS;
    this.lodgedOn = fresh.lodgedOn();
    this.dueOn = fresh.standard().from(fresh.lodgedOn());
    this.urgent = fresh.urgent();
    this.standardDays = fresh.standard().days();
    this.standardWorking = fresh.standard().working();
    this.packet = fresh.packet();
  }

  UUID id() {
    return id;
  }

  String number() {
    return number;
  }

  UUID householdId() {
    return householdId;
  }

  UUID applicationId() {
    return applicationId;
  }

  String service() {
    return service;
  }

  ClaimState state() {
    return state;
  }

  Turn turn() {
    return turn;
  }

  LocalDate lodgedOn() {
    return lodgedOn;
  }

  LocalDate dueOn() {
    return dueOn;
  }

  @Nullable
  String nextStep() {
    return nextStep;
  }

  @Nullable
  LocalDate nextOn() {
    return nextOn;
  }

  @Nullable
  String holder() {
    return holder;
  }

  String packet() {
    return packet;
  }

  int version() {
    return version;
  }

  boolean urgent() {
    return urgent;
  }

  /** How long it may take, as it was fixed when it was lodged. */
  StandardTime standard() {
    return new StandardTime(standardDays, standardWorking);
  }

  void become(ClaimState next) {
    this.state = state.become(next);
  }

  void heldBy(String login) {
    this.holder = login;
  }

  void stands(Turn whose, @Nullable String step, @Nullable LocalDate on, LocalDate due) {
    this.turn = whose;
    this.nextStep = step;
    this.nextOn = on;
    this.dueOn = due;
  }

  void uses(String facts) {
    this.packet = facts;
  }
}
