package civitane.core.ledger;

import civitane.core.facts.Address;
import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

/** What was known when, what held when, and whose history is whose. */
public class LedgerTest {
  private static final LocalDate MAY = LocalDate.parse("2026-05-04");
  private static final LocalDate OCTOBER = LocalDate.parse("2026-10-05");
  private static final UUID FAMILY = new UUID(0, 1);
  private static final UUID OTHERS = new UUID(0, 2);

  private Ledger ledger = Ledger.empty();
  private long ids;

  @BeforeMethod
  public void begin() {
    ledger = Ledger.empty();
    ids = 100;
  }

  private UUID freshId() {
    return new UUID(0, ++ids);
  }

  private static Instant at(LocalDate day) {
    return day.atTime(9, 0).toInstant(ZoneOffset.UTC);
  }

  private static When on(LocalDate day) {
    return new When(day, at(day).plusSeconds(3600));
  }

  private static Packet packet(LocalDate day, List<Person> people, List<Income> incomes) {
    var household = new Household(
        Address.at("3 Tide Row", "Gullhaven", "BK31"),
        people,
        0,
        incomes,
        List.of(),
        null,
        List.of(),
        Set.of(),
        null,
        List.of());
    return Packet.on(day, household, List.of());
  }

  private void told(UUID household, LocalDate day, Packet packet, Map<String, UUID> known) {
    var how = new Recording(
        EntryKind.SAID, Source.application("A"), "ikenna", at(day), day, this::freshId);
    ledger =
        ledger.with(Telling.of(ledger, household, packet, known, how, on(day)).added());
  }

  private static Person person(String id, Role role, String name) {
    return Person.of(id, role, name, "Brekkvik", LocalDate.parse("1988-03-14"));
  }

  private static Income wage(String person, String amount) {
    return Income.of("i1", person, IncomeKind.WAGES, Amount.of(amount), Frequency.MONTHLY);
  }

  private UUID member(UUID household, LocalDate day, int place) {
    return ledger.members(household, on(day)).get(place).id();
  }

  private UUID income(UUID household, LocalDate day) {
    var people = ledger.members(household, on(day)).stream().map(Subject::id).toList();
    return ledger.listed(SubjectKind.INCOME, people, on(day)).get(0).id();
  }

  private void entered(
      UUID subject, EntryKind kind, String amount, LocalDate recorded, @Nullable LocalDate from) {
    var source = new Source(SourceKind.PAPER, "payslip", null);
    ledger = ledger.with(new Added(
        List.of(),
        List.of(new Entry(
            subject,
            "amount",
            kind,
            Amount.of(amount),
            source,
            "ikenna",
            at(recorded),
            from,
            null,
            ledger.lastNr() + 1))));
  }

  private Used wages(UUID income, LocalDate day) {
    return ledger.used(income, "amount", on(day));
  }

  @Test
  public void bothQuestionsHaveExactAnswers() {
    var ottar = person("p1", Role.APPLICANT, "Ottar");
    told(FAMILY, MAY, packet(MAY, List.of(ottar), List.of(wage("p1", "2000"))), Map.of());
    var known = Map.of("p1", member(FAMILY, MAY, 0), "i1", income(FAMILY, MAY));
    told(FAMILY, OCTOBER, packet(OCTOBER, List.of(ottar), List.of(wage("p1", "1500"))), known);
    var wage = income(FAMILY, MAY);
    assertEquals(wages(wage, MAY).value(), Amount.of(2000), "what was known in May");
    assertEquals(
        ledger.used(wage, "amount", new When(MAY, at(OCTOBER))).value(),
        Amount.of(2000),
        "what held in May, as known in October");
    assertEquals(wages(wage, OCTOBER).value(), Amount.of(1500));
    assertEquals(ledger.history(wage, "amount").size(), 2, "nothing was written over");
  }

  @Test
  public void whatIsPutRightStandsInThePlaceOfWhatWasSaid() {
    var ottar = person("p1", Role.APPLICANT, "Ottar");
    told(FAMILY, MAY, packet(MAY, List.of(ottar), List.of(wage("p1", "2000"))), Map.of());
    var wage = income(FAMILY, MAY);
    var known = Map.of("p1", member(FAMILY, MAY, 0), "i1", wage);
    told(FAMILY, OCTOBER, packet(OCTOBER, List.of(ottar), List.of(wage("p1", "1500"))), known);
    var later = OCTOBER.plusDays(20);
    var how = new Recording(
        EntryKind.SAID, Source.correction("BW-1", ""), "person", at(later), later, this::freshId);
    var right = packet(later, List.of(ottar), List.of(wage("p1", "1600")));
    ledger = ledger.with(Telling.putRight(
        ledger,
        FAMILY,
        ledger.assembled(FAMILY, List.of(), on(later), later),
        right,
        Set.of("/household/incomes/0/amount"),
        how,
        on(later)));
    assertEquals(wages(wage, later).value(), Amount.of(1600));
    assertEquals(
        ledger
            .used(wage, "amount", new When(OCTOBER, at(later).plusSeconds(3600)))
            .value(),
        Amount.of(1600),
        "from the day on from which the other was said");
    assertEquals(wages(wage, MAY).value(), Amount.of(2000), "no earlier stretch is touched");
    entered(wage, EntryKind.SHOWN, "1580", later, OCTOBER);
    assertEquals(wages(wage, later).value(), Amount.of(1580), "a paper still comes first");
  }

  @Test
  public void whatIsAddedToAListEndsNothingOfIt() {
    var people =
        List.of(person("p1", Role.APPLICANT, "Ottar"), person("p2", Role.SPOUSE, "Sunniva"));
    told(FAMILY, MAY, packet(MAY, people, List.of(wage("p1", "2000"))), Map.of());
    var wage = income(FAMILY, MAY);
    entered(wage, EntryKind.SHOWN, "1900", MAY, null);
    var hers = Income.of("n1", "p2", IncomeKind.PENSION, Amount.of(700), Frequency.MONTHLY);
    var was = ledger.assembled(FAMILY, List.of(), on(MAY), MAY);
    var right = packet(MAY, people, List.of(was.packet().household().incomes().get(0), hers));
    var how = new Recording(
        EntryKind.SAID, Source.correction("BW-1", ""), "person", at(MAY), MAY, this::freshId);
    ledger = ledger.with(
        Telling.putRight(ledger, FAMILY, was, right, Set.of("/household/incomes/-"), how, on(MAY)));
    var incomes =
        ledger.assembled(FAMILY, List.of(), on(MAY), MAY).packet().household().incomes();
    assertEquals(
        incomes.stream().map(one -> one.person() + " " + one.amount()).toList(),
        List.of("p1 " + Amount.of(1900), "p2 " + Amount.of(700)));
    assertEquals(
        ledger.history(wage, "amount").size(), 2, "what a paper shows was not said by anybody");
  }

  @Test
  public void whatIsUsedIsTheBestOfItsStretch() {
    told(
        FAMILY,
        MAY,
        packet(MAY, List.of(person("p1", Role.APPLICANT, "Ottar")), List.of(wage("p1", "2000"))),
        Map.of());
    var wage = income(FAMILY, MAY);
    assertEquals(wages(wage, MAY).agreement(), Agreement.ONLY_SAID);
    entered(wage, EntryKind.CHECKED, "2100", MAY, null);
    assertEquals(wages(wage, MAY).value(), Amount.of(2000), "a register that differs is not used");
    assertEquals(wages(wage, MAY).agreement(), Agreement.DIFFER);
    assertEquals(wages(wage, MAY).difference(), Amount.of(100));
    entered(wage, EntryKind.SHOWN, "2100", MAY, null);
    assertEquals(wages(wage, MAY).value(), Amount.of(2100), "a paper is");
    entered(wage, EntryKind.SHOWN, "2150", MAY, null);
    assertEquals(wages(wage, MAY).value(), Amount.of(2150), "the newest");
    assertEquals(wages(wage, MAY).agreement(), Agreement.CONTRADICT);
    entered(wage, EntryKind.USED, "2120", MAY, null);
    assertEquals(wages(wage, MAY).value(), Amount.of(2120), "and what is set by hand before all");
    assertFalse(wages(wage, MAY).surfaces());
    entered(wage, EntryKind.SHOWN, "2130", MAY, null);
    assertEquals(wages(wage, MAY).value(), Amount.of(2120));
    assertTrue(wages(wage, MAY).surfaces(), "until newer evidence makes it be looked at again");
  }

  @Test
  public void anOldPaperDoesNotBeatAReportedChange() {
    var ottar = person("p1", Role.APPLICANT, "Ottar");
    told(FAMILY, MAY, packet(MAY, List.of(ottar), List.of(wage("p1", "2000"))), Map.of());
    var wage = income(FAMILY, MAY);
    entered(wage, EntryKind.SHOWN, "2000", MAY, null);
    told(
        FAMILY,
        OCTOBER,
        packet(OCTOBER, List.of(ottar), List.of(wage("p1", "1100"))),
        Map.of("p1", member(FAMILY, MAY, 0), "i1", wage));
    assertEquals(wages(wage, OCTOBER).value(), Amount.of(1100));
    assertEquals(wages(wage, OCTOBER).agreement(), Agreement.ONLY_SAID, "it wants its own proof");
    assertEquals(wages(wage, OCTOBER.minusDays(1)).value(), Amount.of(2000));
    entered(wage, EntryKind.SHOWN, "1120", OCTOBER, OCTOBER);
    assertEquals(wages(wage, OCTOBER).value(), Amount.of(1120));
  }

  @Test
  public void somebodyWhoMovesTakesTheirHistoryAlong() {
    var couple = List.of(person("p1", Role.APPLICANT, "Ottar"), person("p2", Role.SPOUSE, "Signe"));
    told(FAMILY, MAY, packet(MAY, couple, List.of(wage("p2", "2000"))), Map.of());
    var ottar = member(FAMILY, MAY, 0);
    var signe = member(FAMILY, MAY, 1);
    var wage = income(FAMILY, MAY);
    var alone = List.of(person("p1", Role.APPLICANT, "Signe"));
    told(
        OTHERS,
        OCTOBER,
        packet(OCTOBER, alone, List.of(wage("p1", "1700"))),
        Map.of("p1", signe, "i1", wage));
    assertEquals(
        ledger.members(FAMILY, on(OCTOBER)).stream().map(Subject::id).toList(), List.of(ottar));
    assertEquals(
        ledger.members(OTHERS, on(OCTOBER)).stream().map(Subject::id).toList(), List.of(signe));
    assertEquals(
        ledger.members(FAMILY, new When(MAY, at(OCTOBER).plusSeconds(60))).size(),
        2,
        "the old claims still read as before");
    assertEquals(wages(wage, MAY).value(), Amount.of(2000));
    assertEquals(wages(wage, OCTOBER).value(), Amount.of(1700));
    assertEquals(ledger.membership(signe, on(OCTOBER)).orElseThrow().role(), Role.APPLICANT);
  }

  @Test
  public void whoMovesIntoAnotherHomeIsOfItWithAllThatIsTheirs() {
    var couple = List.of(person("p1", Role.APPLICANT, "Ottar"), person("p2", Role.SPOUSE, "Signe"));
    told(FAMILY, MAY, packet(MAY, couple, List.of(wage("p2", "2000"))), Map.of());
    var alone = List.of(person("p1", Role.APPLICANT, "Torunn"));
    told(OTHERS, MAY, packet(MAY, alone, List.of()), Map.of());
    var signe = member(FAMILY, MAY, 1);
    var how = new Recording(
        EntryKind.SAID,
        Source.caseworker("ikenna", "by both"),
        "ikenna",
        at(OCTOBER),
        OCTOBER,
        this::freshId);
    var added = Telling.moved(ledger, OTHERS, Map.of(signe, Role.SIBLING), how, on(OCTOBER));
    assertEquals(added.entries().size(), 1, "nothing else is copied");
    ledger = ledger.with(added);

    var there = ledger.packet(OTHERS, List.of(), on(OCTOBER), OCTOBER).household();
    assertEquals(
        there.inOrder().stream().map(Person::givenName).toList(), List.of("Torunn", "Signe"));
    assertEquals(there.inOrder().get(1).role(), Role.SIBLING);
    assertEquals(there.incomes().size(), 1);
    assertEquals(there.incomes().get(0).person(), there.inOrder().get(1).id());
    assertTrue(ledger
        .packet(FAMILY, List.of(), on(OCTOBER), OCTOBER)
        .household()
        .incomes()
        .isEmpty());
    var once = new When(MAY, at(OCTOBER).plusSeconds(60));
    assertEquals(
        ledger.packet(OTHERS, List.of(), once, OCTOBER).household().people().size(), 1);
    assertEquals(
        ledger.movedOut(FAMILY, on(OCTOBER)), List.of(new MovedOut(signe, OTHERS, OCTOBER)));
    assertEquals(ledger.movedOut(FAMILY, once), List.of());
    assertEquals(ledger.movedOut(OTHERS, on(OCTOBER)), List.of());
    assertEquals(ledger.nameOf(signe, on(OCTOBER)), "Signe Brekkvik");
  }

  @Test
  public void whatIsNotToldAnyMoreIsOverFromThenOn() {
    var ottar = person("p1", Role.APPLICANT, "Ottar");
    var child = person("p2", Role.CHILD, "Halvor");
    told(FAMILY, MAY, packet(MAY, List.of(ottar, child), List.of(wage("p1", "2000"))), Map.of());
    var halvor = member(FAMILY, MAY, 1);
    var wage = income(FAMILY, MAY);
    told(
        FAMILY,
        OCTOBER,
        packet(OCTOBER, List.of(ottar), List.of()),
        Map.of("p1", member(FAMILY, MAY, 0), "p2", halvor, "i1", wage));
    assertEquals(ledger.members(FAMILY, on(OCTOBER)).size(), 1);
    assertTrue(ledger.membership(halvor, on(OCTOBER)).isEmpty());
    assertEquals(ledger.members(FAMILY, on(MAY)).size(), 2);
    var people = new ArrayList<>(List.of(member(FAMILY, MAY, 0)));
    assertTrue(ledger.listed(SubjectKind.INCOME, people, on(OCTOBER)).isEmpty());
    assertEquals(wages(wage, OCTOBER).value(), Amount.of(2000), "it stays what it was");
  }

  @Test
  public void aListIsNotAskedNoneOrThese() {
    var ottar = List.of(person("p1", Role.APPLICANT, "Ottar"));
    told(FAMILY, MAY, packet(MAY, ottar, List.of()), Map.of());
    assertEquals(ledger.list(FAMILY, "expenses", on(MAY)), ListState.NOT_ASKED);
    assertNull(ledger.history(FAMILY, "list:expenses").stream().findFirst().orElse(null));
  }

  @Test
  public void aValueSetByHandIsNoneOfTheHouseholdsWords() {
    told(
        FAMILY,
        MAY,
        packet(MAY, List.of(person("p1", Role.APPLICANT, "Ottar")), List.of(wage("p1", "2000"))),
        Map.of());
    var wage = income(FAMILY, MAY);
    entered(wage, EntryKind.USED, "1900", MAY, null);
    told(
        FAMILY,
        OCTOBER,
        packet(
            OCTOBER, List.of(person("p1", Role.APPLICANT, "Ottar")), List.of(wage("p1", "2000"))),
        Map.of("p1", member(FAMILY, MAY, 0), "i1", wage));
    assertEquals(
        ledger.history(wage, "amount").size(), 2, "they say what they said, so nothing is added");
  }
}
