package civitane.app;

import java.time.LocalDate;
import java.util.concurrent.atomic.AtomicInteger;

/** Packets of the made-up district for tests. */
final class Packets {
  private static final String[] SYLLABLES = {
    "ba", "do", "ke", "li", "mu", "na", "ro", "si", "ta", "ve"
  };
  private static final long MIXING = 611_953;
  private static final long NAMES = 1_000_000;
  private static final AtomicInteger HOUSEHOLDS = new AtomicInteger();

  private Packets() {}

  /** A mother and child who ask for school meals; everything is there. Each time they are others. */
  static String meals(int householdTotal) {
    return meals(HOUSEHOLDS.incrementAndGet(), householdTotal, "en");
  }

  /** The same household whenever its number is the same. */
  static String meals(int household, int householdTotal, String language) {
    var born = LocalDate.parse("1975-01-04").plusDays(household * 41L);
    var child = LocalDate.parse("2014-01-09").plusDays(household * 11L);
    return """
        {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23", "language": "%s",
         "household": {
           "address": {"line1": "%d Tide Row", "town": "Gullhaven", "postcode": "BK31"},
           "people": [
             {"id": "p1", "role": "applicant", "givenName": "%s", "familyName": "Tamsett", "birthDate": "%s",
              "residentNumber": null, "residentNumberMissing": "declined"},
             {"id": "p2", "role": "child", "givenName": "Wren%s", "familyName": "Tamsett", "birthDate": "%s"}],
           "benefits": [],
           "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 430.00, "frequency": "weekly"}]},
         "requests": [{"service": "schoolMeals", "answers": {
           "children": [{"person": "p2", "school": "Marsh Road School", "grade": "4"}], "householdTotal": %d}}],
         "signatures": [{"person": "p1", "name": "%s Tamsett", "on": "2026-11-23", "method": "screen"}]}
        """.formatted(
            language,
            household,
            name(household),
            born,
            name(household).toLowerCase(java.util.Locale.ROOT),
            child,
            householdTotal,
            name(household));
  }

  /** Somebody alone who asks for the household allowance and is helped by their family each month. */
  static String allowance(int euros) {
    var number = HOUSEHOLDS.incrementAndGet();
    return """
        {"format": "civitane-packet", "version": 1, "lodgedOn": "%s", "language": "en",
         "household": {
           "address": {"line1": "%d Ebb Row", "town": "Gullhaven", "postcode": "BK31"}, "expectedChildren": 0,
           "people": [{"id": "p1", "role": "applicant", "givenName": "%s", "familyName": "Tamsett",
             "birthDate": "%s", "residentNumber": null, "residentNumberMissing": "declined"}],
           "incomes": [{"id": "i1", "person": "p1", "kind": "familyHelp", "amount": %d, "frequency": "monthly"}],
           "noIncome": [], "expenses": [], "assets": [], "benefits": []},
         "requests": [{"service": "householdAllowance", "answers": {}}],
         "signatures": [{"person": "p1", "name": "%s Tamsett", "on": "2026-11-23", "method": "screen"}]}
        """.formatted(
            LocalDate.now(),
            number,
            name(number),
            LocalDate.parse("1975-01-04").plusDays(number * 41L),
            euros,
            name(number));
  }

  /** A household that asks for rent relief: it wants a lease, payslips and more. */
  static String rent(int number) {
    return meals(number, 2, "en")
        .replaceFirst("(?s)\"requests\": \\[.*?\\}\\}\\],", """
            "requests": [{"service": "rentRelief", "answers": {
              "arrears": [{"month": "2026-10", "owed": 500}], "hardship": ["lostWork"],
              "landlord": {"name": "Quay Lets"}, "leaseNames": ["Nobody Yet"]}}],""")
        .replace("\"incomes\":", "\"assets\": [], \"expenses\": [], \"incomes\":");
  }

  /** Each household's own, and like no other's: whoever is taken for somebody else has to be looked at. */
  private static String name(int household) {
    var name = new StringBuilder();
    var mixed = household * MIXING % NAMES;
    for (var place = 1; place < NAMES; place *= SYLLABLES.length) {
      name.append(SYLLABLES[(int) (mixed / place % SYLLABLES.length)]);
    }
    return Character.toUpperCase(name.charAt(0)) + name.substring(1);
  }
}
