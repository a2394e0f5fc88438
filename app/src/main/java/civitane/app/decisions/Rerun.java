package civitane.app.decisions;

import civitane.app.determining.Screenings;
import civitane.core.rules.Mode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;

/** Makes determinations that were kept again, from what they were made of: running the same again is the same bytes. */
@Service
public class Rerun {
  private static final UUID FIRST = new UUID(0, 0);
  private static final int AT_ONCE = 200;

  private final DeterminationRepository determinations;
  private final Screenings screenings;

  Rerun(DeterminationRepository determinations, Screenings screenings) {
    this.determinations = determinations;
    this.screenings = screenings;
  }

  /**
   * A determination that does not come out as it was kept.
   *
   * @param changed whether what was kept was changed since; else the rules or a rate book were
   */
  public record Different(UUID determination, UUID claim, boolean changed) {}

  /** How many were made again, and those that differ. */
  public record Report(long made, List<Different> different) {}

  public Report run() {
    var different = new ArrayList<Different>();
    var made = 0L;
    var page = determinations.findByIdGreaterThanOrderById(FIRST, Limit.of(AT_ONCE));
    while (!page.isEmpty()) {
      for (var one : page) {
        made++;
        var whole = one.isWhole();
        if (!whole || !again(one).equals(one.result())) {
          different.add(new Different(one.id(), one.claimId(), !whole));
        }
      }
      page = determinations.findByIdGreaterThanOrderById(
          page.get(page.size() - 1).id(), Limit.of(AT_ONCE));
    }
    return new Report(made, different);
  }

  private String again(StoredDetermination kept) {
    var packet = screenings.read(kept.packet().getBytes(StandardCharsets.UTF_8)).packet();
    return packet == null
        ? ""
        : Grounds.written(screenings.results(packet, Mode.DETERMINE).get(0));
  }
}
