package civitane.app.changes;

import civitane.app.decisions.Reworking;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A change that was reported, and what it means.
 *
 * @param lines what is otherwise, each as it was and as it is
 * @param open the claims nobody has decided yet, which go by it now
 * @param touched what was granted and comes to something else, which is open again
 * @param left what was granted and stays as it is
 */
public record ChangeReport(
    UUID household,
    LocalDate on,
    List<String> lines,
    List<String> open,
    List<Reworking.Effect> touched,
    List<Reworking.Effect> left) {}
