package civitane.app.ledger;

import civitane.core.facts.Packet;
import civitane.core.facts.Request;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A book of the office, which answers what no household can. */
public interface OfficeBook {

  /**
   * What is asked about.
   *
   * @param household null for one that is not known yet
   * @param request null while it is not lodged
   * @param asked the request of the packet that asks it
   */
  record About(@Nullable UUID household, @Nullable UUID request, Packet packet, Request asked) {}

  /** The fact it holds, by the name that questions know it by. */
  String fact();

  /** What it holds, row by row: each its parts by key, or a value. */
  List<?> rows(About about);
}
