package civitane.bench.faults;

import java.util.List;
import java.util.Locale;
import java.util.Random;

/** Families nobody has heard of, who ask for school meals; none is like another. */
final class Families {
  private static final List<String> SYLLABLES = List.of(
      "ba", "do", "ke", "li", "mu", "na", "ro", "si", "ta", "ve", "gra", "plo", "sne", "fru", "wil",
      "hor", "dez", "kya", "xun", "obi");

  private Families() {}

  /** Where all of them live, by which they are found again. */
  static final String STREET = "Faulty Quay";

  static String next(Random chance) {
    var family = word(chance, 4);
    var given = word(chance, 3);
    return """
        {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23",
         "household": {
           "address": {"line1": "%d %s", "town": "Gullhaven", "postcode": "BK31"},
           "people": [
             {"id": "p1", "role": "applicant", "givenName": "%s", "familyName": "%s",
              "birthDate": "%d-%02d-%02d", "residentNumber": null, "residentNumberMissing": "declined"},
             {"id": "p2", "role": "child", "givenName": "%s", "familyName": "%s", "birthDate": "2017-%02d-%02d"}],
           "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 430.00, "frequency": "weekly"}],
           "noIncome": [], "expenses": [], "assets": [],
           "consents": [{"person": "p1", "to": "registers", "on": "2026-11-23", "until": "2027-11-23"}]},
         "requests": [{"service": "schoolMeals", "answers": {
           "children": [{"person": "p2", "school": "Marsh Road School", "grade": "4"}], "householdTotal": 2}}],
         "papers": [],
         "signatures": [{"person": "p1", "name": "%s %s", "on": "2026-11-23", "method": "screen"}]}
        """.formatted(
            1 + chance.nextInt(9_000),
            STREET,
            given,
            family,
            1950 + chance.nextInt(50),
            1 + chance.nextInt(12),
            1 + chance.nextInt(28),
            word(chance, 3),
            family,
            1 + chance.nextInt(12),
            1 + chance.nextInt(28),
            given,
            family);
  }

  private static String word(Random chance, int syllables) {
    var word = new StringBuilder();
    for (var i = 0; i < syllables; i++) {
      word.append(SYLLABLES.get(chance.nextInt(SYLLABLES.size())));
    }
    return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
  }
}
