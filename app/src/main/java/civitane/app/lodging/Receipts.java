package civitane.app.lodging;

import civitane.app.claims.ClaimLists;
import civitane.app.drafts.Applications;
import civitane.app.letters.LetterText;
import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.services.Services;
import civitane.core.time.LastDay;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;

/** The receipts of an application: one for all it asks for, and one of its own for whatever is asked for alone. */
final class Receipts {
  private final Packet packet;
  private final Collection<Acting> acting;
  private final List<NewlyLodged> lodged;
  private final List<ClaimLists.LodgedClaim> claims;
  private final List<SigningRequests.AskedSigner> toSign;
  private final LastDay lastDays;

  /** A claim as it was lodged, with what the rules made of it. */
  record NewlyLodged(String number, Result result) {}

  /** @param acting who acts for the household */
  Receipts(
      Packet packet,
      Collection<Acting> acting,
      List<NewlyLodged> lodged,
      List<ClaimLists.LodgedClaim> claims,
      List<SigningRequests.AskedSigner> toSign,
      LastDay lastDays) {
    this.packet = packet;
    this.acting = acting;
    this.lodged = lodged;
    this.claims = claims;
    this.toSign = toSign;
    this.lastDays = lastDays;
  }

  /** Never none; the one for all comes first. */
  List<LetterText> all() {
    var shared = requests(false);
    var texts = new ArrayList<LetterText>();
    if (!shared.isEmpty()) {
      texts.add(
          text(shared, toSign.stream().map(SigningRequests.AskedSigner::name).toList()));
    }
    requests(true).forEach(alone -> texts.add(text(List.of(alone), List.of())));
    return texts;
  }

  private List<Integer> requests(boolean alone) {
    return IntStream.range(0, lodged.size())
        .filter(i -> Services.isPrivate(packet.requests().get(i), packet.household()) == alone)
        .boxed()
        .toList();
  }

  private LetterText text(List<Integer> requests, List<String> stillToSign) {
    return Receipt.text(
        packet.withRequests(requests.stream().map(packet.requests()::get).toList()),
        acting,
        Applications.receiptOf(lodged.get(requests.get(0)).number()),
        requests.stream().map(this::lodged).toList(),
        stillToSign,
        lastDays);
  }

  private Receipt.Lodged lodged(int request) {
    return new Receipt.Lodged(
        claims.get(request),
        lodged.get(request).result().checks().stream()
            .filter(check -> check.is(Outcome.UNKNOWN))
            .flatMap(check -> check.missing().stream())
            .toList());
  }
}
