package civitane.e2e;

/** Packets of the made-up district, as a file would bring them. */
final class StoryPackets {
  private StoryPackets() {}

  static String meals(int householdTotal) {
    return """
        {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23",
         "household": {
           "address": {"line1": "12 Tide Row", "town": "Gullhaven", "postcode": "BK31"},
           "people": [
             {"id": "p1", "role": "applicant", "givenName": "Perpetua", "familyName": "Lindqvory",
              "birthDate": "1988-03-14", "residentNumber": null, "residentNumberMissing": "declined"},
             {"id": "p2", "role": "child", "givenName": "Wren", "familyName": "Lindqvory", "birthDate": "2017-05-02"}],
           "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 430.00, "frequency": "weekly"}],
           "noIncome": [], "expenses": [], "assets": []},
         "requests": [{"service": "schoolMeals", "answers": {
           "children": [{"person": "p2", "school": "Marsh Road School", "grade": "4"}], "householdTotal": %d}}],
         "papers": [],
         "signatures": [{"person": "p1", "name": "Perpetua Lindqvory", "on": "2026-11-23", "method": "screen"}]}
        """.formatted(householdTotal);
  }
}
