package civitane.app;

import civitane.app.door.Lying;
import civitane.app.forgetting.Forgetting;
import civitane.app.forgetting.KeepingTime;
import civitane.app.forgetting.LeftOver;
import civitane.app.forgetting.NeverLodged;
import civitane.app.problems.Problem;
import civitane.core.time.WorkingDays;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import javax.sql.DataSource;
import org.awaitility.Awaitility;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessException;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** Once its keeping time is over a household is forgotten: nothing of it is found in any table, and the log stays whole. */
public class ForgettingTest extends AtTheDoor {
  /** Ten years after the last day of these meals, which is the last of anything, and a day. */
  private static final LocalDate OVER = LocalDate.parse("2037-10-16");

  /** What stands in the packets of the household that is forgotten, or was noted of it, and nowhere else. */
  private static final List<String> ITS_OWN = List.of(
      "xanthoula",
      "quarrendon",
      "wrexaline",
      "wherry steps",
      "bk7731",
      "0555 018 904",
      "quillhaven",
      "1961-02-27",
      "2015-09-13",
      "467.31",
      "zebra crossing",
      "hears badly on the left",
      "ask for the blue folder",
      "the third door",
      "her aunt",
      "looked like rain",
      "wage-of-xanthoula");

  @Autowired
  private Forgetting forgetting;

  @Autowired
  private KeepingTime keeping;

  @Autowired
  private DataSource owner;

  @Autowired
  private NeverLodged never;

  @Autowired
  private LeftOver left;

  @Autowired
  private Lying lying;

  @AfterMethod
  public void backToToday() {
    clock.ahead(Duration.ZERO);
  }

  private static String packet() {
    return """
        {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23", "language": "en",
         "household": {
           "address": {"line1": "77 Wherry Steps", "town": "Gullhaven", "postcode": "BK7731"},
           "people": [
             {"id": "p1", "role": "applicant", "givenName": "Xanthoula", "familyName": "Quarrendon",
              "birthDate": "1961-02-27", "residentNumber": null, "residentNumberMissing": "declined",
              "contact": {"phone": "0555 018 904", "mayText": true}},
             {"id": "p2", "role": "child", "givenName": "Wrexaline", "familyName": "Quarrendon",
              "birthDate": "2015-09-13"}],
           "benefits": [],
           "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 467.31, "frequency": "weekly"}]},
         "requests": [{"service": "schoolMeals", "answers": {
           "children": [{"person": "p2", "school": "Quillhaven School", "grade": "4"}], "householdTotal": 2}}],
         "signatures": [{"person": "p1", "name": "Xanthoula Quarrendon", "on": "2026-11-23", "method": "screen"}]}
        """;
  }

  private void done(MockHttpServletRequestBuilder request) throws Exception {
    var result = asIkenna(request);
    assertTrue(status(result) < 300, result.getResponse().getContentAsString());
  }

  private UUID household(String number) throws Exception {
    return UUID.fromString(claim(number).get("household").stringValue());
  }

  private String bring(String number, byte[] file, String name) throws Exception {
    var brought = asIkenna(MockMvcRequestBuilders.post("/api/claims/{number}/papers", number)
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .header("X-Paper-Name", name)
        .content(file));
    assertEquals(status(brought), 200, brought.getResponse().getContentAsString());
    return body(brought).get("id").stringValue();
  }

  /** A claim on which much was done, decided in the end. */
  private String decidedClaim(byte[] file) throws Exception {
    var number = claimOf(packet());
    var household = household(number);
    taken(number);
    var day = WorkingDays.add(LocalDate.now(clock), 5);
    bring(number, file, "wage-of-xanthoula.pdf");
    bring(number, MadePapers.png(300, 200, "Xanthoula"), "it.png");
    done(
        post("/api/claims/{number}/notes", "{\"text\": \"The zebra crossing is closed\"}", number));
    done(post("/api/claims/{number}/calls", """
        {"who": "her aunt", "kind": "REACHED", "told": "looked like rain", "backOn": null}""", number));
    done(post("/api/claims/{number}/reminders", """
        {"on": "%s", "words": "ask for the blue folder"}""".formatted(day), number));
    done(post("/api/claims/{number}/appointments", """
        {"on": "%s", "at": "10:00", "minutes": 30, "with": "ikenna", "place": "COUNTER",
         "interpreter": "", "about": "the third door", "hearing": false}""".formatted(day), number));
    done(post("/api/households/{household}/notices", """
        {"words": "hears badly on the left", "until": "%s"}""".formatted(day), household));
    through(number, "0555 018 904");
    done(post("/api/parked", """
        {"claim": "%s", "where": {"part": "ledger", "field": "f", "label": "Wrexaline", "caret": 3}}""".formatted(number)));
    assertEquals(status(decision(number, claim(number), true)), 200);
    return number;
  }

  /** Which of some words are found, and where. In pictures and PDFs, which are packed, nobody finds one: they go by what they are of. */
  private List<String> found(Collection<String> words) {
    var found = new ArrayList<String>();
    database
        .sql("""
            select table_name, string_agg(quote_ident(column_name) || '::text', ', ') from information_schema.columns
            where table_schema = 'public' and data_type <> 'bytea' group by 1 order by 1
            """)
        .query((row, n) -> Map.entry(row.getString(1), row.getString(2)))
        .list()
        .forEach(table -> database
            .sql("""
                with row as materialized (select lower(concat_ws('|', %s)) as says from %s)
                select word from unnest(string_to_array(?, '|')) as sought (word)
                where exists (select 1 from row where says like '%%' || word || '%%')
                """.formatted(table.getValue(), table.getKey()))
            .param(String.join("|", words))
            .query(String.class)
            .list()
            .forEach(word -> found.add(table.getKey() + ": " + word)));
    return found;
  }

  /** The files that a claim's papers are made of. */
  private List<String> files(String number) {
    return database
        .sql("select distinct hash from sheet where of in (select id from paper where claim = ?)")
        .param(number)
        .query(String.class)
        .list();
  }

  private Set<UUID> forgotten(UUID household) throws Exception {
    noonOf(OVER);
    try {
      return forgetting.forget(owner, household);
    } finally {
      clock.ahead(Duration.ZERO);
    }
  }

  private String refused(UUID household, LocalDate on) {
    noonOf(on);
    var problem = expectThrows(Problem.class, () -> forgetting.forget(owner, household));
    clock.ahead(Duration.ZERO);
    return String.valueOf(problem.getMessage());
  }

  @Test
  public void nothingOfItIsLeftInAnyTable() throws Exception {
    var file = MadePapers.pdf(1);
    var number = decidedClaim(file);
    var household = household(number);
    // What was asked for by the door may still be on its way.
    holds(() -> assertEquals(
        count("message where state = 'WAITS' and household_id = '" + household + "'"), 0));
    holds(() -> assertEquals(count("paper_file where not drawn"), 0));
    var before = found(ITS_OWN);
    for (var word : ITS_OWN) {
      assertTrue(
          before.stream().anyMatch(place -> place.endsWith(": " + word)),
          word + " is nowhere to be forgotten");
    }
    var other = claimOf(Packets.meals(2));
    var shared = bring(other, file, "pay.pdf");
    var files = new ArrayList<>(files(number));
    assertEquals(files.size(), 2);
    files.removeAll(files(other));
    assertEquals(files.size(), 1, "one of them is of both");
    // Registers may still tell more of them meanwhile.
    var known =
        "entry join known_person on person_id = subject_id where household_id = '%s' and nr <= %d"
            .formatted(
                household(other),
                database.sql("select max(nr) from entry").query(Long.class).single());
    var entries = count(known);

    assertEquals(forgotten(household), Set.of(household));
    assertEquals(found(ITS_OWN), List.of());
    assertEquals(
        found(List.of(number.toLowerCase(Locale.ROOT))).stream()
            .filter(place -> !place.startsWith("audit_log"))
            .toList(),
        List.of(),
        "its number stands in the log alone");
    assertEquals(
        count("audit_log where action = 'household forgotten' and subject = '" + household + "'"),
        1);

    assertEquals(status(asIkenna(get("/api/claims/{number}", number))), 404);
    assertEquals(status(asIkenna(get("/api/households/{household}", household))), 404);
    assertTrue(entries > 0);
    assertEquals(count(known), entries, "nobody else's is touched");
    assertEquals(status(asIkenna(get("/api/papers/{id}/pages/0", shared))), 200);
    for (var table : new String[] {"paper_file", "paper_piece", "paper_page"}) {
      assertEquals(count(table + " where hash = '" + files.get(0) + "'"), 0, table);
    }
    var verified = body(as("jun", "AUDITOR", get("/api/audit/verification")));
    assertTrue(verified.get("unbroken").booleanValue(), verified.toString());
    assertTrue(
        String.valueOf(expectThrows(Problem.class, () -> forgotten(household)).getMessage())
            .contains("no such household"));
  }

  @Test
  public void itIsKeptAsLongAsSomethingIsOpenOrRunsOrWasLately() throws Exception {
    var number = claimOf(Packets.meals(2));
    var household = household(number);
    assertTrue(refused(household, OVER).contains("claim " + number + " is not decided"));
    assertEquals(status(decision(number, taken(number), true)), 200);
    var today = LocalDate.now(clock);
    var now = refused(household, today);
    assertTrue(now.contains("what claim " + number + " grants runs on"), now);
    assertTrue(now.contains("something was recorded on " + today), now);
    var after = refused(household, LocalDate.parse("2027-10-16"));
    assertTrue(after.contains("ran until 2027-10-15; it is kept until 2037-10-15"), after);
    assertTrue(refused(household, OVER.minusDays(1)).contains("kept until 2037-10-15"));
    database
        .sql(
            "insert into debt (ref, household_id, kind, amount, since) values (?, ?, 'other', 12.50, '2026-11-24')")
        .params("D-" + number, household)
        .update();
    var owing = refused(household, OVER);
    assertTrue(owing.contains("12.50 is still owed on D-" + number), owing);
    assertFalse(isListed(household));
    database
        .sql(
            "insert into debt_less (ref, amount, because, lessened_by, lessened_at) values (?, 12.50, 'paid', 'edda', now())")
        .param("D-" + number)
        .update();
    assertTrue(isListed(household));
    assertEquals(forgotten(household), Set.of(household));
    assertFalse(isListed(household));
  }

  private boolean isListed(UUID household) {
    noonOf(OVER);
    // Others of the tests may be due by then as well: more than are listed at once.
    var together = keeping.together(household);
    var listed = !together.isEmpty() && keeping.against(together).isEmpty();
    clock.ahead(Duration.ZERO);
    return listed;
  }

  @Test
  public void whoWereOneHouseholdAreForgottenTogether() throws Exception {
    var number = claimOf(Packets.meals(3)
        .replace("{\"id\": \"p2\"", """
            {"id": "p3", "role": "spouse", "givenName": "Ottokar", "familyName": "Fenlow",
             "birthDate": "1966-04-19", "residentNumber": null, "residentNumberMissing": "declined"}, {"id": "p2"
            """.strip())
        .replace("\"frequency\": \"weekly\"}]", """
            "frequency": "weekly"},
              {"id": "i2", "person": "p3", "kind": "wages", "amount": 100, "frequency": "weekly"}]
            """.strip()));
    var household = household(number);
    assertEquals(status(decision(number, taken(number), true)), 200);
    var spouse = body(asIkenna(get("/api/households/{household}/deaths", household)))
        .get("living")
        .valueStream()
        .filter(one -> one.get("role").stringValue().equals("spouse"))
        .findFirst()
        .orElseThrow()
        .get("person")
        .stringValue();
    var parted = asIkenna(post(
        "/api/households/{household}/parting",
        """
        {"people": ["%s"], "on": "%s", "line1": "9 Sluice Row", "postcode": "BK32", "town": "Reedholm",
         "isHidden": false, "told": "by her"}""".formatted(spouse, LocalDate.now(clock).minusDays(2)),
        household));
    assertEquals(status(parted), 200, parted.getResponse().getContentAsString());
    var other = UUID.fromString(body(parted).get("household").stringValue());
    var changed = claim(number);
    done(post(
        "/api/claims/{number}/withdrawn",
        "{\"version\": %d, \"because\": \"they called\"}"
            .formatted(changed.get("version").intValue()),
        number));
    assertEquals(forgotten(other), Set.of(household, other));
    assertEquals(
        count("subject where id in ('%s', '%s', '%s')".formatted(household, other, spouse)), 0);
  }

  /** What was begun at the door is put aside after thirty days, and what was put aside is gone ninety days later. */
  @Test
  public void whatWasNeverLodgedIsForgotten() throws Exception {
    var kept = begin(packet().replace("Xanthoula", "Ysolde")).get("id").stringValue();
    var going = begin(packet().replace("Xanthoula", "Zephyrine")).get("id").stringValue();
    var contact = "zephyrine@brackwater.example";
    database
        .sql("insert into door_application (application_id, contact) values (?::uuid, ?)")
        .params(going, contact)
        .update();
    codeTo(
        contact,
        post(
            "/api/door/beginning/code",
            "{\"contact\": \"%s\", \"language\": \"en\"}".formatted(contact)));
    lying.putAside(UUID.fromString(going));
    assertFalse(never.over().contains(UUID.fromString(going)));
    clock.ahead(Duration.ofDays(91));
    assertTrue(never.over().contains(UUID.fromString(going)));
    assertFalse(never.over().contains(UUID.fromString(kept)), "it is still gone on with");
    assertFalse(found(List.of("zephyrine")).isEmpty());
    never.over().forEach(never::forget);
    left.forget();
    assertEquals(found(List.of("zephyrine")), List.of());
    assertFalse(found(List.of("ysolde")).isEmpty());
    assertEquals(
        count("audit_log where action = 'application forgotten' and subject = '" + going + "'"), 1);
  }

  @Test
  public void aDraftOfTheOfficeThatNobodyTouchesIsPutAside() throws Exception {
    var draft =
        UUID.fromString(begin(packet().replace("Xanthoula", "Ysoria")).get("id").stringValue());
    clock.ahead(Duration.ofDays(89));
    assertFalse(never.untouched().contains(draft));
    clock.ahead(Duration.ofDays(91));
    assertTrue(never.untouched().contains(draft));
    never.putAside(draft);
    assertFalse(never.over().contains(draft), "whoever comes back finds it");
    clock.ahead(Duration.ofDays(182));
    never.over().forEach(never::forget);
    assertEquals(found(List.of("ysoria")), List.of());
  }

  @Test
  public void postThatWasPutAsideAndRowsThatWereSentBackAreForgotten() throws Exception {
    var piece = body(as(
            "pia",
            "FRONT_DESK",
            MockMvcRequestBuilders.post("/api/tray")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header("X-Paper-Name", "from-zinnobra.pdf")
                .content(MadePapers.pdf(1))))
        .get("id")
        .stringValue();
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> count("tray_piece where sorted and id = '" + piece + "'") == 1);
    asIkenna(
        post("/api/tray/{id}/set-aside", "{\"version\": 0, \"because\": \"advertising\"}", piece));
    var list = body(asIkenna(MockMvcRequestBuilders.post("/api/services/schoolMeals/lists")
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .content("person1.givenName,person1.birthDate\nZolvira,never\n"
                .getBytes(StandardCharsets.UTF_8))))
        .get("id")
        .stringValue();
    clock.ahead(Duration.ofDays(89));
    left.forget();
    assertEquals(found(List.of("from-zinnobra", "zolvira")).size(), 2);
    clock.ahead(Duration.ofDays(91));
    left.forget();
    assertEquals(found(List.of("from-zinnobra", "zolvira")), List.of());
    assertEquals(count("sheet where of = '" + piece + "'"), 0);
    assertEquals(
        asIkenna(get("/api/batches/{id}", list)).getResponse().getStatus(),
        200,
        "it is still told of");
  }

  @Test
  public void whoMayNotForgetStillCannotRemoveAnything() {
    for (var table :
        new String[] {"entry", "claim_event", "determination", "audit_log", "audit_chain"}) {
      var refused = expectThrows(
          DataAccessException.class, () -> database.sql("delete from " + table).update());
      assertTrue(String.valueOf(refused.getMessage()).contains("append-only"), table);
    }
    for (var never : new String[] {"audit_log", "audit_chain"}) {
      expectThrows(
          DataAccessException.class,
          () -> database
              .sql("with forgetting as (select set_config('civitane.forgetting', 'yes', true))"
                  + " delete from " + never + " using forgetting")
              .update());
    }
    expectThrows(
        DataAccessException.class,
        () -> database
            .sql("with forgetting as (select set_config('civitane.forgetting', 'yes', true))"
                + " update entry set value = null from forgetting")
            .update());
  }

  /** A table that is added later and holds something of a household is forgotten there as well. */
  @Test
  public void everyTableThatKnowsAHouseholdIsThoughtOf() throws IOException {
    var known = database.sql("""
            with recursive knows (name) as (
              select unnest(array['household', 'subject', 'application', 'claim', 'letter', 'paper_file', 'batch'])
              union
              select r.conrelid::regclass::text from pg_constraint r
              join knows on r.confrelid::regclass::text = knows.name where r.contype = 'f')
            select name from knows
            union
            select table_name::text from information_schema.columns
            where table_schema = 'public'
              and column_name in ('household_id', 'claim', 'claim_number', 'about', 'number', 'person_id')
            order by 1
            """).query(String.class).list();
    assertTrue(known.size() > 35, known.toString());
    String forgets;
    try (var file = Forgetting.class.getResourceAsStream("/forgetting/forget.sql")) {
      assertNotNull(file);
      forgets = new String(file.readAllBytes(), StandardCharsets.UTF_8);
    }
    var unthought = known.stream()
        .filter(table ->
            !forgets.contains("delete from " + table) && !forgets.contains("update " + table + " "))
        .toList();
    // Who looked at which household is a log; a list is of many, and its rows are thought of.
    assertEquals(unthought, List.of("access_log", "batch"));
  }
}
