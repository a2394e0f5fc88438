package civitane.app;

import civitane.app.forgetting.LeftOver;
import jakarta.servlet.http.Cookie;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Whoever has their papers at hand sends them before they lodge; each is filed where it is wanted. */
public class EarlyPapersTest extends WithApplications {
  private static final String PAYSLIP = "payslip:i1";
  private static final String MANDATE = "mandate";

  @Autowired
  private LeftOver left;

  /** Somebody who asks for the household allowance, too, which wants papers. */
  private Cookie asking(String given) throws Exception {
    var visit = begun(phone(), "schoolMeals");
    typed(visit, family(given));
    assertEquals(early(visit, "en").size(), 0, "meals want none");
    var asked = perform(
        post(
            "/api/door/application/more",
            written(Map.of(
                "version",
                form(visit).get("version").intValue(),
                "service",
                "householdAllowance"))),
        visit);
    assertEquals(status(asked), 200, asked.getResponse().getContentAsString());
    return visit;
  }

  private JsonNode early(Cookie visit, String language) throws Exception {
    var seen = perform(get("/api/door/application/papers").param("language", language), visit);
    assertEquals(status(seen), 200, seen.getResponse().getContentAsString());
    return body(seen);
  }

  private JsonNode early(Cookie visit, String language, String wanted) throws Exception {
    return early(visit, language)
        .valueStream()
        .filter(one -> wanted.equals(one.get("wanted").stringValue()))
        .findFirst()
        .orElseThrow();
  }

  private MvcResult send(Cookie visit, String wanted, byte[] file) throws Exception {
    return perform(
        MockMvcRequestBuilders.post("/api/door/application/papers")
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .header("X-Paper-For", wanted)
            .header("X-Paper-Name", "lohn%20okt.pdf")
            .header("X-Paper-Remark", "two%20pages")
            .content(file),
        visit);
  }

  private String lodged(Cookie visit, String given) throws Exception {
    assertTrue(signed(visit, given + " Quillon").get("lodged").booleanValue());
    return standing(visit, "en")
        .valueStream()
        .filter(claim -> claim.get("title").stringValue().contains("llowance"))
        .findFirst()
        .orElseThrow()
        .get("number")
        .stringValue();
  }

  private List<JsonNode> papers(String number) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/papers", number)))
        .get("papers")
        .valueStream()
        .toList();
  }

  @Test
  public void whoTakesItUpAtTheDeskSeesWhatCame() throws Exception {
    var visit = asking("Hildebrand");
    assertEquals(status(send(visit, PAYSLIP, MadePapers.png(700, 900, "October"))), 204);
    var id = body(asIkenna(get("/api/applications")))
        .valueStream()
        .filter(one -> one.toString().contains("Hildebrand"))
        .findFirst()
        .orElseThrow()
        .get("id")
        .stringValue();
    var came = body(asIkenna(get("/api/applications/{id}/early-papers", id)));
    assertEquals(came.size(), 1);
    assertEquals(came.at("/0/wanted").stringValue(), PAYSLIP);
    assertEquals(came.at("/0/pages").intValue(), 1);
  }

  @Test
  public void moreThanAnybodySendsBeforeIsNotTaken() throws Exception {
    var visit = asking("Ottmar");
    assertEquals(status(send(visit, PAYSLIP, MadePapers.png(700, 900, "the first"))), 204);
    database.sql("""
            with many as (
              insert into paper_file (hash, media_type, size, pages, drawn, read)
              select 'early-' || n, 'image/png', 1000, 1, true, true from generate_series(1, 59) n
              returning hash)
            insert into application_paper (id, application_id, wanted, hash, pages, name, remark, came_at)
            select gen_random_uuid(), last.application_id, last.wanted, many.hash, 1, '', '', now()
            from many, (select * from application_paper order by came_at desc limit 1) last
            """).update();
    assertEquals(status(send(visit, PAYSLIP, MadePapers.png(700, 900, "one more"))), 429);
    database.sql("delete from application_paper where hash like 'early-%'").update();
    database.sql("delete from paper_file where hash like 'early-%'").update();
    assertEquals(status(send(visit, PAYSLIP, MadePapers.png(700, 900, "one more"))), 204);
  }

  @Test
  public void whatIsSentBeforeIsFiledForWhatItIsWantedFor() throws Exception {
    var visit = asking("Leocadia");
    assertTrue(
        early(visit, "en", PAYSLIP).get("words").stringValue().contains("payslips for Leocadia"),
        early(visit, "en").toString());
    assertEquals(early(visit, "en", PAYSLIP).get("pages").stringValue(), "");
    assertEquals(status(send(visit, PAYSLIP, MadePapers.payslip())), 204);
    var second = MadePapers.png(700, 900, "page two");
    assertEquals(status(send(visit, PAYSLIP, second)), 204);
    assertEquals(status(send(visit, PAYSLIP, second)), 204, "the answer was lost on the way");
    assertEquals(early(visit, "en", PAYSLIP).get("pages").stringValue(), "2 pages so far.");
    assertEquals(early(visit, "pt", PAYSLIP).get("pages").stringValue(), "2 páginas até agora.");

    var number = lodged(visit, "Leocadia");
    holds(() -> assertEquals(papers(number).size(), 1));
    var paper = papers(number).get(0);
    assertTrue(paper.toString().contains("lohn okt.pdf"), paper.toString());
    assertTrue(paper.toString().contains("two pages"), paper.toString());
    assertEquals(paper.at("/picture/pages").intValue(), 2, paper.toString());
    var wanted = body(asIkenna(get("/api/claims/{number}/papers", number))).get("wanted");
    assertTrue(
        wanted
            .valueStream()
            .filter(one -> one.get("subject").stringValue().equals(PAYSLIP))
            .allMatch(one -> one.toString().contains("true")),
        wanted.toString());
    var seen = standing(visit, "en").toString();
    assertFalse(seen.contains("page two"), seen);
  }

  /** Nothing else shows the office by what right they ask, and until it has seen that they are told nothing more. */
  @Test
  public void whoAsksForSomebodyElseSendsWhatShowsThatTheyMay() throws Exception {
    var visit = asking("Gerlinde");
    assertFalse(early(visit, "en").toString().contains(MANDATE), "for herself");
    typed(
        visit,
        Map.of(
            "/taking/actsAs", "guardian",
            "/taking/actor/name", "Abel Nkemelu",
            "/taking/actor/shownBy", "order of the court",
            "/taking/actor/letters", "acting",
            "/taking/actor/contact", "4 Marsh Road, BK47 Reedholm"));
    assertEquals(early(visit, "en").get(0).get("wanted").stringValue(), MANDATE);
    assertTrue(early(visit, "fr", MANDATE).get("words").stringValue().contains("tribunal"));
    assertEquals(status(send(visit, MANDATE, MadePapers.png(700, 900, "order of the court"))), 204);
    assertTrue(signed(visit, "Abel Nkemelu").get("lodged").booleanValue());
    var number = database.sql("""
            select c.number from claim c join application_paper p on p.application_id = c.application_id
            where p.wanted = 'mandate' order by p.came_at desc limit 1
            """).query(String.class).single();
    holds(() -> assertEquals(papers(number).size(), 1));
    assertEquals(papers(number).get(0).get("kind").stringValue(), MANDATE);
  }

  @Test
  public void whatWasSentByMistakeIsTakenAwayAgain() throws Exception {
    var visit = asking("Marvella");
    assertEquals(status(send(visit, PAYSLIP, MadePapers.png(640, 480, "Marvella"))), 204);
    var kept = "paper_file where hash = '"
        + database
            .sql("select hash from application_paper order by came_at desc limit 1")
            .query(String.class)
            .single()
        + "'";
    holds(() -> assertEquals(count(kept + " and drawn and read"), 1));
    assertEquals(
        status(perform(
            post("/api/door/application/papers/away", written(Map.of("wanted", PAYSLIP))), visit)),
        204);
    assertEquals(early(visit, "en", PAYSLIP).get("pages").stringValue(), "");
    assertEquals(count(kept), 1, "until the night");
    left.forget();
    assertEquals(count(kept), 0);
    assertEquals(count(kept.replace("paper_file", "paper_piece")), 0);
    var number = lodged(visit, "Marvella");
    assertEquals(papers(number).size(), 0);
    assertEquals(
        status(send(visit, PAYSLIP, MadePapers.payslip())), 403, "it is lodged: no more before it");
  }

  @Test
  public void onlyWhatWillBeWantedIsTakenAndOnlyWhatCanBeRead() throws Exception {
    var visit = asking("Nerissa");
    assertEquals(status(send(visit, "lease:p1", MadePapers.payslip())), 422);
    assertEquals(status(send(visit, "payslip:i7", MadePapers.payslip())), 422);
    assertEquals(status(send(visit, "", MadePapers.payslip())), 422);
    assertTrue(status(send(visit, PAYSLIP, MadePapers.text("no paper"))) >= 400);
    assertTrue(status(send(visit, PAYSLIP, MadePapers.encrypted())) >= 400);
    assertEquals(early(visit, "en", PAYSLIP).get("pages").stringValue(), "");
    assertEquals(
        status(send(new Cookie("civitane-door", "x"), PAYSLIP, MadePapers.payslip())), 401);
  }
}
