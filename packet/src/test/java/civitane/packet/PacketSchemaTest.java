package civitane.packet;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

/** The JSON Schema lets pass what the reader reads, and stops what it does not. */
public class PacketSchemaTest {
  private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(
          SpecificationVersion.DRAFT_2020_12)
      .getSchema(PacketSchema.json(), InputFormat.JSON);

  @DataProvider
  public static Iterator<Object[]> cases() {
    return Cases.ofPackets().stream()
        .filter(one -> one.json().get("expected").isArray())
        .map(one -> new Object[] {one})
        .iterator();
  }

  @Test(dataProvider = "cases")
  public void letsEveryWorkedCasePass(Cases.Case one) {
    var found = SCHEMA.validate(new String(one.packet(), StandardCharsets.UTF_8), InputFormat.JSON);
    assertEquals(found.toString(), "[]");
  }

  @DataProvider
  public static Object[][] wrong() {
    return new Object[][] {
      {"\"lodgedOn\"", "\"lodgdOn\""},
      {"\"schoolMeals\"", "\"scholMeals\""},
      {"\"applicant\"", "\"boss\""},
      {"\"householdTotal\":2", "\"householdTotal\":2.5"},
      {"\"weekly\"", "\"sometimes\""},
      {"\"amount\":400", "\"amount\":-400"},
    };
  }

  @Test(dataProvider = "wrong")
  public void stopsWhatTheReaderStops(String right, String wrong) {
    var packet = new String(Cases.in("schoolMeals").get(0).packet(), StandardCharsets.UTF_8);
    var changed = packet.replaceFirst(java.util.regex.Pattern.quote(right), wrong);
    assertFalse(changed.equals(packet), right);
    assertFalse(SCHEMA.validate(changed, InputFormat.JSON).isEmpty(), wrong);
  }
}
