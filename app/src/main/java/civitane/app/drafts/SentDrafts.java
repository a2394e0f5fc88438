package civitane.app.drafts;

import civitane.app.access.Guard;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Drafts as a browser sends them to be looked at, and not to be kept. */
@Component
public class SentDrafts {
  private final Applications applications;
  private final Guard guard;

  SentDrafts(Applications applications, Guard guard) {
    this.applications = applications;
    this.guard = guard;
  }

  /**
   * One with the numbers whole that were sent masked.
   *
   * @param application whose it is, where it is one; what the books hold of a household is for those who may see it
   * @throws Problem where it is not there for who asks, or holds no packet
   */
  public Draft whole(Staff.Colleague by, Draft draft, @Nullable UUID application) {
    if (!draft.hasItsParts()) {
      throw Problem.wrong("A draft holds a packet.");
    }
    if (application == null) {
      return draft;
    }
    var isTheirs = applications
        .household(application)
        .map(household -> guard.maySee(by, household))
        .orElse(true);
    if (!isTheirs) {
      throw Problem.notThere("The application");
    }
    return applications.whole(draft, application);
  }
}
