package civitane.app;

import civitane.app.audit.AuditLog;
import civitane.app.audit.AuditSeal;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** The audit log can't be changed, and shows when it was. */
public class AuditTest extends OnDatabase {

  @Autowired
  private AuditLog log;

  @Autowired
  private AuditSeal seal;

  @Autowired
  private PlatformTransactionManager manager;

  private boolean isUnbroken() throws Exception {
    var verification = body(as("jun", "AUDITOR", get("/api/audit/verification")));
    assertTrue(verification.get("entries").intValue() > 10);
    return verification.get("unbroken").booleanValue();
  }

  @Test
  public void anEntryCanNeitherBeChangedNorRemoved() {
    expectThrows(
        DataAccessException.class,
        () -> database.sql("update audit_log set actor = 'nobody'").update());
    expectThrows(
        DataAccessException.class, () -> database.sql("delete from audit_log").update());
    for (var whole :
        new String[] {"audit_log", "audit_chain", "determination", "claim_event", "entry"}) {
      var refused = expectThrows(
          DataAccessException.class,
          () -> database.sql("truncate " + whole + " cascade").update());
      assertTrue(refused.getMessage().contains("append-only"), refused.getMessage());
    }
  }

  @Test
  public void aChangeBehindItsBackIsSeen() throws Exception {
    assertTrue(isUnbroken());
    database.sql("alter table audit_log disable trigger audit_log_stays").update();
    var actor = database
        .sql("select actor from audit_log where nr = 5")
        .query(String.class)
        .single();
    database.sql("update audit_log set actor = 'nobody' where nr = 5").update();
    assertFalse(isUnbroken());
    database.sql("update audit_log set actor = ? where nr = 5").param(actor).update();
    database.sql("alter table audit_log enable trigger audit_log_stays").update();
    assertTrue(isUnbroken());
  }

  @Test
  public void anEntryThatIsMissingIsSeen() throws Exception {
    assertTrue(isUnbroken());
    database.sql("alter table audit_log disable trigger audit_log_stays").update();
    database.sql("create table gone as select * from audit_log where nr = 7").update();
    database.sql("delete from audit_log where nr = 7").update();
    var broken = body(as("jun", "AUDITOR", get("/api/audit/verification")));
    assertFalse(broken.get("unbroken").booleanValue());
    assertTrue(broken.get("brokenAt").longValue() > 0);
    database
        .sql("insert into audit_log overriding system value select * from gone")
        .update();
    database.sql("drop table gone").update();
    database.sql("alter table audit_log enable trigger audit_log_stays").update();
    assertTrue(isUnbroken());
  }

  @DataProvider
  public static Object[][] ends() {
    return new Object[][] {
      {
        "cut off",
        "delete from audit_chain where seq > 9",
        "delete from audit_log where nr not in (select entry_nr from audit_chain)"
      },
      {"emptied", "delete from audit_chain", "delete from audit_log"},
      {
        "made anew by who has not the key",
        "update audit_log set actor = 'nobody' where nr = (select entry_nr from audit_chain where seq = 9)",
        "update audit_chain set hash = encode(sha256(hash::bytea), 'hex') where seq >= 9"
      },
      {
        "swapped",
        "update audit_chain set seq = -8 where seq = 8",
        "update audit_chain set seq = 8 where seq = 9; update audit_chain set seq = 9 where seq = -8"
      },
      {
        "dated back",
        "update audit_log set happened_at = happened_at - interval '1 hour' where nr = (select entry_nr from audit_chain where seq = 8)",
        ""
      },
      {
        "said of another",
        "update audit_log set subject = subject || 'x' where nr = (select entry_nr from audit_chain where seq = 8)",
        ""
      },
      {
        "put under another number",
        "update audit_log set nr = default where nr = (select entry_nr from audit_chain where seq = 8)",
        "update audit_chain set entry_nr = (select max(nr) from audit_log) where seq = 8"
      },
      {
        "taken out with its link, and closed up",
        "delete from audit_log where nr = (select entry_nr from audit_chain where seq = 8)",
        "delete from audit_chain where seq = 8; update audit_chain set seq = -seq where seq > 8; update audit_chain set seq = -seq - 1 where seq < 0"
      },
      {
        "put in between",
        "update audit_chain set seq = -seq where seq >= 8; update audit_chain set seq = -seq + 1 where seq < 0",
        "insert into audit_log (happened_at, actor, action, subject, detail) values (now(), 'teun', 'glass broken', '', ''); "
            + "insert into audit_chain (seq, entry_nr, hash) select 8, (select max(nr) from audit_log), repeat('b', 64)"
      },
      {
        "put back to a copy of before",
        "delete from audit_chain where seq > (select max(seq) - 3 from audit_chain)",
        "delete from audit_log where nr not in (select entry_nr from audit_chain)"
      },
      {
        "forged at the end",
        "insert into audit_log (happened_at, actor, action, subject, detail) values (now(), 'teun', 'glass broken', '', '')",
        "insert into audit_chain (seq, entry_nr, hash) select max(seq) + 1, (select max(nr) from audit_log), repeat('a', 64) from audit_chain"
      },
    };
  }

  @Test(dataProvider = "ends")
  public void itIsSeenThatItWas(String what, String first, String second) throws Exception {
    seal.seal();
    seal.anchor();
    assertTrue(isUnbroken());
    // All of it in one go that is taken back, while nobody seals.
    var unbroken = new TransactionTemplate(manager).execute(status -> {
      status.setRollbackOnly();
      seal.seal();
      for (var table : new String[] {"audit_log", "audit_chain"}) {
        database.sql("alter table " + table + " disable trigger all").update();
      }
      database.sql(first).update();
      if (!second.isEmpty()) {
        database.sql(second).update();
      }
      return seal.verify().unbroken();
    });
    assertFalse(unbroken, what);
    assertTrue(isUnbroken());
  }

  @Test
  public void whoeverWritesWaitsForNobody() throws Exception {
    var transactions = new TransactionTemplate(manager);
    // Two changes at the same time, one inside the other: under one lock the inner one would never
    // end.
    transactions.executeWithoutResult(outer -> {
      log.record("ikenna", "something", "outer", "");
      var inner = CompletableFuture.runAsync(() -> new TransactionTemplate(manager)
          .executeWithoutResult(status -> log.record("maud", "something", "inner", "")));
      inner.orTimeout(20, TimeUnit.SECONDS).join();
    });
    var sealed = body(as("jun", "AUDITOR", get("/api/audit/verification")));
    assertEquals(sealed.get("unsealed").intValue(), 0);
    assertTrue(sealed.get("unbroken").booleanValue(), "kept in one order, begun in another");
  }

  @Test
  public void itNamesNobodyOfAHousehold() {
    var named = database
        .sql(
            "select count(*) from audit_log where detail ilike '%tamsett%' or subject ilike '%tamsett%'")
        .query(Long.class)
        .single();
    assertEquals(named, 0L);
  }
}
