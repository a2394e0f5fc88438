package civitane.core.ledger;

import civitane.core.facts.Parts;
import civitane.core.facts.Value;
import civitane.core.services.WorkedCase;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

/** A place that is named by its subject is found again, wherever the subject stands then. */
public class PlacesTest {
  private static final Instant LODGED = Instant.parse("2026-11-23T09:00:00Z");

  private static Recording how(LocalDate day) {
    return new Recording(
        EntryKind.SAID, Source.application("A-1"), "ikenna", LODGED, day, UUID::randomUUID);
  }

  private static Assembled assembled(WorkedCase one) {
    var packet = one.packet();
    var household = UUID.randomUUID();
    var when = new When(packet.assessedOn(), LODGED);
    var told =
        Telling.of(Ledger.empty(), household, packet, Map.of(), how(packet.assessedOn()), when);
    return Ledger.empty()
        .with(told.added())
        .assembled(household, told.requests(), when, packet.asOf());
  }

  private static List<String> places(Assembled one) {
    var places = new ArrayList<String>();
    var household = one.packet().household();
    for (var list : List.of("people", "incomes", "assets", "consents", "noIncome")) {
      var entries = (List<?>) Parts.byKey(household).getOrDefault(list, List.of());
      for (var i = 0; i < entries.size(); i++) {
        places.add("/household/" + list + "/" + i);
        places.add("/household/" + list + "/" + i + "/kind");
      }
    }
    for (var i = 0; i < one.packet().requests().size(); i++) {
      places.add("/requests/" + i + "/answers/lists/0/code");
    }
    one.places().ids().keySet().forEach(id -> places.add("payslip:" + id));
    return places;
  }

  @Test
  public void everyPlaceOfEveryCaseIsFoundAgain() {
    for (var one : WorkedCase.all()) {
      var assembled = assembled(one);
      for (var place : places(assembled)) {
        var lasting = assembled.places().lasting(place);
        assertNotEquals(lasting, place, "named by its subject");
        assertEquals(assembled.places().here(lasting), place, one.name());
      }
    }
  }

  @Test
  public void aPlaceGoesWithItsSubject() {
    var person = UUID.randomUUID();
    var other = UUID.randomUUID();
    var before = new Places(
        Map.of("/household/people/0", person, "/household/people/1", other),
        Map.of("p1", person, "p2", other));
    var after = new Places(Map.of("/household/people/0", other), Map.of("p1", other));
    assertEquals(
        after.here(before.lasting("/household/people/1/birthDate")),
        "/household/people/0/birthDate");
    assertEquals(after.here(before.lasting("identity:p2")), "identity:p1");
    var gone = before.lasting("/household/people/0/birthDate");
    assertEquals(after.here(gone), gone, "who is not there any more has no place");
    assertEquals(after.here(before.lasting("identity:p1")), before.lasting("identity:p1"));
    assertEquals(before.lasting("urgentLine"), "urgentLine", "what has no subject is itself");
    assertEquals(before.here("urgentLine"), "urgentLine");
    assertEquals(before.lasting("identity:p9"), "identity:p9");
    assertEquals(before.subject("/household/people/1").orElseThrow(), other);
    assertTrue(before.subject("/household/people/2").isEmpty());
  }

  @Test
  public void everyFieldOfAnEntryHasItsKindOfValue() {
    var kinds = new HashMap<UUID, SubjectKind>();
    var services = new HashMap<UUID, String>();
    for (var one : WorkedCase.all()) {
      var packet = one.packet();
      var told = Telling.of(
          Ledger.empty(),
          UUID.randomUUID(),
          packet,
          Map.of(),
          how(packet.assessedOn()),
          new When(packet.assessedOn(), LODGED));
      told.added().subjects().forEach(subject -> kinds.put(subject.id(), subject.kind()));
      for (var entry : told.added().entries()) {
        if (FieldTypes.isMembership(entry.field())) {
          assertTrue(entry.value() instanceof Membership, entry.toString());
          continue;
        }
        if (entry.field().equals(FieldTypes.service())) {
          services.put(entry.subject(), (String) entry.value());
        }
        var type = FieldTypes.of(
                kinds.get(entry.subject()), services.get(entry.subject()), entry.field())
            .type();
        if (entry.value() != null && !type.isPrimitive()) {
          assertTrue(type.isInstance(entry.value()) || isWithNone(entry), entry + " is no " + type);
        }
      }
    }
    assertEquals(
        FieldTypes.of(SubjectKind.REQUEST, null, "lodgedAt"), Value.of(OffsetDateTime.class));
    assertEquals(
        FieldTypes.of(SubjectKind.HOUSEHOLD, null, "list:expenses"), Value.of(ListState.class));
    assertFalse(FieldTypes.isMembership("kind"));
    assertThrows(
        IllegalArgumentException.class, () -> FieldTypes.of(SubjectKind.INCOME, null, "colour"));
  }

  private static boolean isWithNone(Entry entry) {
    return entry.value() instanceof civitane.core.facts.OrNone<?>;
  }
}
