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
    assertEquals(listed.get("claim").stringValue(), number);
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
}
