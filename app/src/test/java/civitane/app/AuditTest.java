package civitane.app;

import org.springframework.dao.DataAccessException;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** The audit log can't be changed, and shows when it was. */
public class AuditTest extends OnDatabase {

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
  }

  @Test
  public void aChangeBehindItsBackIsSeen() throws Exception {
    assertTrue(isUnbroken());
    database.sql("alter table audit_log disable trigger audit_log_stays").update();
    var actor = database
        .sql("select actor from audit_log where seq = 5")
        .query(String.class)
        .single();
    database.sql("update audit_log set actor = 'nobody' where seq = 5").update();
    assertFalse(isUnbroken());
    database.sql("update audit_log set actor = ? where seq = 5").param(actor).update();
    database.sql("alter table audit_log enable trigger audit_log_stays").update();
    assertTrue(isUnbroken());
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
