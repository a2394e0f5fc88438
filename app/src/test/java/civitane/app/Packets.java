package civitane.app;

/** Packets of the made-up district for tests. */
final class Packets {
  private Packets() {}

  /** A mother and child who ask for school meals; everything is there. */
  static String meals(int householdTotal) {
    return """
        {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23",
         "household": {
           "address": {"line1": "12 Tide Row", "town": "Gullhaven", "postcode": "BK31"},
           "people": [
             {"id": "p1", "role": "applicant", "givenName": "Oluchi", "familyName": "Tamsett", "birthDate": "1988-03-14",
              "residentNumber": null, "residentNumberMissing": "declined"},
             {"id": "p2", "role": "child", "givenName": "Wren", "familyName": "Tamsett", "birthDate": "2017-05-02"}],
           "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 430.00, "frequency": "weekly"}]},
         "requests": [{"service": "schoolMeals", "answers": {
           "children": [{"person": "p2", "school": "Marsh Road School", "grade": "4"}], "householdTotal": %d}}],
         "signatures": [{"person": "p1", "name": "Oluchi Tamsett", "on": "2026-11-23", "method": "screen"}]}
        """.formatted(householdTotal);
  }
}
