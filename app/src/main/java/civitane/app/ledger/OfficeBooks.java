package civitane.app.ledger;

import civitane.core.facts.FilledIn;
import civitane.core.facts.Packet;
import civitane.core.facts.Request;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;

/** Fills in what the office's own books hold, where nothing else has been set. */
@Service
public class OfficeBooks {
  private final ObjectProvider<OfficeBook> books;

  OfficeBooks(ObjectProvider<OfficeBook> books) {
    this.books = books;
  }

  /** A packet of a draft, filled in. */
  public Packet filled(Packet packet, @Nullable UUID household) {
    return filled(packet, household, null);
  }

  /**
   * A packet filled in.
   *
   * @param request the packet's only request, where it is lodged
   */
  Packet filled(Packet packet, @Nullable UUID household, @Nullable UUID request) {
    var byFact = books.stream().collect(Collectors.toMap(OfficeBook::fact, book -> book));
    var requests = new ArrayList<Request>();
    for (var asked : packet.requests()) {
      var about = new OfficeBook.About(household, request, packet, asked);
      requests.add(new Request(
          asked.service(),
          FilledIn.of(
              asked.answers(),
              fact -> byFact.containsKey(fact) ? byFact.get(fact).rows(about) : List.of())));
    }
    return packet.withRequests(requests);
  }
}
