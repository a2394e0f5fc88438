package civitane.app.claims;

import civitane.core.claims.Step;
import civitane.core.claims.Turn;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ClaimRepository extends JpaRepository<StoredClaim, UUID> {
  Optional<StoredClaim> findByNumber(String number);

  List<StoredClaim> findByApplicationIdOrderByNumber(UUID application);

  List<StoredClaim> findByNumberIn(Collection<String> numbers);

  @Query(value = "select nextval('claim_running')", nativeQuery = true)
  long nextRunning();

  /** Claims that want something of others by one of some days. */
  @Query("""
      select distinct c.number from StoredClaim c join c.items i
      where c.state in (LODGED, OPEN) and i.state in (OPEN, RETURNED) and i.owner <> OURS
        and i.dueOn between :from and :until
      order by c.number
      """)
  List<String> dueToOthers(LocalDate from, LocalDate until);

  /** Claims of which something lives whose subject is like that, and which was due before a day. */
  @Query("""
      select distinct c.number from StoredClaim c join c.items i
      where c.state = OPEN and i.state in (OPEN, RETURNED) and i.subject like :subject and i.dueOn < :day
      order by c.number
      """)
  List<String> dueBefore(String subject, LocalDate day);

  /** Claims, the urgent first, then by the day that presses; after an urgency, day and number. */
  @Query("""
      select c from StoredClaim c
      where c.state in (LODGED, OPEN)
        and (c.patient, c.pressingOn, c.number) > (:afterPatient, :afterDay, :afterNumber)
        and c.householdId not in :hidden
      order by c.patient, c.pressingOn, c.number
      """)
  List<StoredClaim> page(
      boolean afterPatient,
      LocalDate afterDay,
      String afterNumber,
      Collection<UUID> hidden,
      Limit limit);

  /** The same of claims with one next step. */
  @Query("""
      select c from StoredClaim c
      where c.state in (LODGED, OPEN) and c.step = :step
        and (c.patient, c.pressingOn, c.number) > (:afterPatient, :afterDay, :afterNumber)
        and c.householdId not in :hidden
      order by c.patient, c.pressingOn, c.number
      """)
  List<StoredClaim> round(
      Step step,
      boolean afterPatient,
      LocalDate afterDay,
      String afterNumber,
      Collection<UUID> hidden,
      Limit limit);

  /** Claims that somebody has and that have one next step, those that press first. */
  @Query("""
      select c from StoredClaim c
      where c.state = OPEN and c.step = :step and c.holder = :holder
      order by c.patient, c.pressingOn, c.number
      """)
  List<StoredClaim> held(Step step, String holder, Limit limit);

  /** How many claims press on each day, by what is done next and whose turn it is, whatever page they are on. */
  @Query("""
      select new civitane.app.claims.Falling(c.step, c.turn, c.pressingOn, count(*)) from StoredClaim c
      where c.state in (LODGED, OPEN)
      group by c.step, c.turn, c.pressingOn
      """)
  List<Falling> falling();

  /** The same of some households. */
  @Query("""
      select new civitane.app.claims.Falling(c.step, c.turn, c.pressingOn, count(*)) from StoredClaim c
      where c.state in (LODGED, OPEN) and c.householdId in :households
      group by c.step, c.turn, c.pressingOn
      """)
  List<Falling> falling(Collection<UUID> households);

  List<StoredClaim> findByRequestIdInAndTurnInOrderByNumber(
      Collection<UUID> requests, Collection<Turn> turns, Limit limit);

  @Query("""
      select distinct c.householdId from StoredClaim c where c.requestId in :requests and c.turn <> :over
      """)
  List<UUID> undecidedHouseholds(Collection<UUID> requests, Turn over);

  List<StoredClaim> findByHouseholdIdOrderByNumber(UUID household);

  List<StoredClaim> findByHouseholdIdAndServiceOrderByNumber(UUID household, String service);
}
