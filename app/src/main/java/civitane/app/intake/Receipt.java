package civitane.app.intake;

import civitane.app.letters.LetterText;
import civitane.app.screening.Catalogue;
import civitane.core.facts.Packet;
import civitane.core.services.Services;
import civitane.core.time.Dates;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The receipt: what was asked for, under which numbers, and by when an answer comes. */
final class Receipt {
  private Receipt() {}

  static LetterText text(Packet packet, String receipt, List<String> numbers) {
    var figures = new ArrayList<LetterText.Figure>();
    for (var i = 0; i < numbers.size(); i++) {
      var service = packet.requests().get(i).service();
      var due = Services.named(service).orElseThrow().standardTime().from(packet.lodgedOn());
      figures.add(new LetterText.Figure(
          Catalogue.title(service) + ", claim " + numbers.get(i),
          "an answer by " + Dates.written(due)));
    }
    var address = packet.household().address();
    return new LetterText(
        "receipt",
        receipt,
        "We have your application",
        packet.household().applicant().fullName(),
        Stream.of(address.line1(), address.postcode(), address.town())
            .filter(line -> line != null)
            .toList(),
        List.of(
            "You lodged an application on " + Dates.written(packet.lodgedOn())
                + ". This day counts, whatever is still" + " missing.",
            "Keep this letter. With the number of a claim anybody at the desk can tell you where it stands."),
        List.of(),
        figures,
        List.of(
            "If something is missing, we ask you for all of it at once, and the time we wait for you does not count"
                + " against you. If something changes, tell us."));
  }
}
