package civitane.app;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.security.KeyFactory;
import java.security.MessageDigest;
import java.security.Signature;
import java.security.spec.X509EncodedKeySpec;
import java.util.Base64;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipInputStream;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** All there is of a claim as one file: whoever has it gets it, with a list of hashes that this office has signed. */
public class CopyTest extends OnDatabase {
  private static Map<String, byte[]> files(MvcResult result) throws Exception {
    result.getAsyncResult();
    var files = new LinkedHashMap<String, byte[]>();
    try (var zip = new ZipInputStream(
        new ByteArrayInputStream(result.getResponse().getContentAsByteArray()))) {
      for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        files.put(entry.getName(), zip.readAllBytes());
      }
    }
    return files;
  }

  private static String text(byte[] bytes) {
    return new String(bytes, StandardCharsets.UTF_8);
  }

  private String decided(byte[] payslip) throws Exception {
    var number = claimOf(Packets.meals(2));
    var claim = taken(number);
    var brought = asIkenna(MockMvcRequestBuilders.post("/api/claims/{number}/papers", number)
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .header("X-Paper-Kind", "payslip")
        .content(payslip));
    assertEquals(brought.getResponse().getStatus(), 200);
    claim = claim(number);
    assertEquals(decision(number, claim, true).getResponse().getStatus(), 200);
    return number;
  }

  @Test
  public void everythingIsInItWithItsHashAndTheListIsSigned() throws Exception {
    var payslip = MadePapers.payslip();
    var number = decided(payslip);
    var copy = asIkenna(get("/api/claims/{number}/copy", number));
    assertEquals(copy.getResponse().getStatus(), 200);
    var files = files(copy);
    var names = files.keySet().toString();
    assertTrue(names.contains("letters/01-"), names);
    assertTrue(names.contains("papers/01-payslip.pdf"), names);
    assertTrue(text(files.get("facts.json")).contains("Tamsett"));
    assertTrue(text(files.get("working.json")).contains("entitled"));
    assertEquals(files.get("papers/01-payslip.pdf"), payslip);
    var listed = json.readTree(files.get("hashes.json"));
    assertEquals(listed.get("of").stringValue(), "claim " + number);
    var sha256 = MessageDigest.getInstance("SHA-256");
    for (var one : listed.get("files")) {
      var bytes = files.get(one.get("name").stringValue());
      assertEquals(
          HexFormat.of().formatHex(sha256.digest(bytes)), one.get("sha256").stringValue());
    }
    var key = KeyFactory.getInstance("Ed25519")
        .generatePublic(
            new X509EncodedKeySpec(Base64.getDecoder().decode(text(files.get("key.txt")))));
    var signature = Signature.getInstance("Ed25519");
    signature.initVerify(key);
    signature.update(files.get("hashes.json"));
    assertTrue(signature.verify(Base64.getDecoder().decode(text(files.get("hashes.sig")))));
    assertEquals(
        count("audit_log where action = 'claim copied' and subject = '" + number + "'"), 1);
  }

  @Test
  public void itIsForWhoHasTheClaim() throws Exception {
    var number = decided(MadePapers.payslip());
    var others = as("maud", "CASEWORKER", get("/api/claims/{number}/copy", number));
    assertEquals(others.getResponse().getStatus(), 412);
    var front = as("pia", "FRONT_DESK", get("/api/claims/{number}/copy", number));
    assertEquals(front.getResponse().getStatus(), 403);
  }

  private MvcResult everything(String login, String role, String household, String person)
      throws Exception {
    return as(
        login, role, get("/api/households/{household}/people/{person}/copy", household, person));
  }

  @Test
  public void aPersonIsGivenAllThatIsKeptOfThemAndNothingOfAnothersAlone() throws Exception {
    var packet = Packets.meals(3).replace("{\"id\": \"p2\"", """
            {"id": "p3", "role": "spouse", "givenName": "Elowen", "familyName": "Marchbanks", "birthDate": "1981-07-09",
             "residentNumber": "0830166138"}, {"id": "p2\"""".strip());
    var number = claimOf(packet);
    taken(number);
    var household = claim(number).get("household").stringValue();
    var living =
        body(asIkenna(get("/api/households/{household}/deaths", household))).get("living");
    for (var one : living) {
      var person = one.get("person").stringValue();
      var isSpouse = one.get("role").stringValue().equals("spouse");
      var files = files(everything("teun", "SENIOR", household, person));
      assertTrue(files.containsKey(number + "/facts.json"), files.keySet().toString());
      assertTrue(text(files.get("looks.json")).contains("what"), text(files.get("looks.json")));
      var recorded = text(files.get("recorded.json"));
      assertEquals(recorded.contains("0830166138"), isSpouse, recorded);
      assertEquals(text(files.get("household.json")).contains("0830166138"), isSpouse);
      assertEquals(text(files.get(number + "/facts.json")).contains("0830166138"), isSpouse);
      if (one.get("role").stringValue().equals("applicant")) {
        assertTrue(recorded.contains("\"about\" : \"income\""), "what comes in for them, too");
      }
      var listed = json.readTree(files.get("hashes.json"));
      assertEquals(listed.get("files").size(), files.size() - 4);
    }
    var person = living.get(0).get("person").stringValue();
    assertEquals(
        everything("ikenna", "CASEWORKER", household, person).getResponse().getStatus(), 403);
    assertEquals(
        everything("teun", "SENIOR", household, household).getResponse().getStatus(), 404);
    assertEquals(
        count("audit_log where action = 'person copied' and subject = '" + household + "'"),
        living.size());
  }
}
