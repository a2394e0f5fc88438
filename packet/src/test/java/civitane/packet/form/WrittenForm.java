package civitane.packet.form;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;

import static org.testng.Assert.assertNotNull;

/** A form as somebody would fill it in and save it. */
public final class WrittenForm {
  private WrittenForm() {}

  /** Who applies and where they live, signed: enough on any form. */
  public static Map<String, String> by(
      String given, String family, String born, String line1, String postcode) {
    var written = new LinkedHashMap<String, String>();
    written.put("/household/people/0/givenName", given);
    written.put("/household/people/0/familyName", family);
    written.put("/household/people/0/birthDate", born);
    written.put("/household/address/line1", line1);
    written.put("/household/address/postcode", postcode);
    written.put("/signatures/0/name", given + " " + family);
    return written;
  }

  /** School meals for a child born on 2 May 2017, asked for by its mother with her wages. */
  public static Map<String, String> meals(
      String given, String family, String born, String child, String line1, String postcode) {
    var written = by(given, family, born, line1, postcode);
    written.put("/household/people/0/residentNumberMissing", "declined");
    written.put("/household/people/2/givenName", child);
    written.put("/household/people/2/familyName", family);
    written.put("/household/people/2/birthDate", "2.5.2017");
    written.put("/household/people/2/role", "child");
    written.put("/household/incomes/0/person", "1");
    written.put("/household/incomes/0/kind", "wages");
    written.put("/household/incomes/0/amount", "1,430.50");
    written.put("/household/incomes/0/frequency", "monthly");
    written.put("/requests/0/answers/children/0/person", "3");
    written.put("/requests/0/answers/children/0/school", "Marsh Road School");
    written.put("/requests/0/answers/householdTotal", "2");
    return written;
  }

  /** The form with some of its places written in, by their pointers. */
  public static byte[] filled(byte[] blank, Map<String, String> written) {
    try (var document = Loader.loadPDF(blank);
        var out = new ByteArrayOutputStream()) {
      var form = document.getDocumentCatalog().getAcroForm();
      for (var entry : written.entrySet()) {
        var field = form.getField(entry.getKey());
        assertNotNull(field, entry.getKey());
        field.getCOSObject().setString(COSName.V, entry.getValue());
      }
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
