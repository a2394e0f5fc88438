package civitane.app;

import jakarta.servlet.http.Cookie;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.test.web.servlet.MvcResult;

/** Applications that households take at their door. */
abstract class WithApplications extends AtTheDoor {
  private static int phones = 100;

  /** A phone that nobody else has. */
  protected static String phone() {
    return "0555 030 " + ++phones;
  }

  protected MvcResult ask(String contact) throws Exception {
    return perform(post("/api/door/beginning/code", written(Map.of("contact", contact))));
  }

  protected String codeTo(String contact) throws Exception {
    return codeTo(contact, post("/api/door/beginning/code", written(Map.of("contact", contact))));
  }

  protected MvcResult enter(String contact, String code, String service) throws Exception {
    var body = new TreeMap<String, String>(Map.of("contact", contact, "code", code));
    if (!service.isEmpty()) {
      body.put("service", service);
    }
    return perform(post("/api/door/beginning/entry", written(body)));
  }

  /** The visit of somebody who begins to ask for a service. */
  protected Cookie begun(String contact, String service) throws Exception {
    return visit(enter(contact, codeTo(contact), service));
  }

  /** What a mother of one types, who earns a wage. */
  protected static Map<String, String> family(String given) {
    return Map.ofEntries(
        Map.entry("/household/people/0/givenName", given),
        Map.entry("/household/people/0/familyName", "Quillon"),
        Map.entry("/household/people/0/birthDate", "14.3.1988"),
        Map.entry("/household/people/0/residentNumberMissing", "declined"),
        Map.entry("/household/address/line1", "4 Sluice Walk"),
        Map.entry("/household/address/town", "Gullhaven"),
        Map.entry("/household/address/postcode", "BK31"),
        Map.entry("/household/people/2/givenName", "Nils"),
        Map.entry("/household/people/2/familyName", "Quillon"),
        Map.entry("/household/people/2/role", "child"),
        Map.entry("/household/people/2/birthDate", "2.5.2016"),
        Map.entry("/household/incomes/0/person", "1"),
        Map.entry("/household/incomes/0/kind", "wages"),
        Map.entry("/household/incomes/0/amount", "430"),
        Map.entry("/household/incomes/0/frequency", "weekly"),
        Map.entry("/requests/0/answers/children/0/person", "3"),
        Map.entry("/requests/0/answers/children/0/school", "Marsh Road School"),
        Map.entry("/requests/0/answers/children/0/grade", "4"),
        Map.entry("/requests/0/answers/householdTotal", "2"));
  }
}
