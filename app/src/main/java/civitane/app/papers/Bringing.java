package civitane.app.papers;

import civitane.core.claims.Actor;
import java.io.IOException;
import java.io.InputStream;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Files that are brought: looked through before anything is held in the database, distrusted wherever they come from. */
@Component
public class Bringing {
  private final Papers papers;
  private final FurtherPages furtherPages;

  Bringing(Papers papers, FurtherPages furtherPages) {
    this.papers = papers;
    this.furtherPages = furtherPages;
  }

  /** Takes a file as a paper of a claim's household; answers the paper. */
  public UUID bring(Actor by, String number, InputStream stream, Papers.Filing filing)
      throws IOException {
    try (var file = Incoming.of(stream)) {
      return papers.take(by, number, file, Sifting.of(file.path()), filing);
    }
  }

  /** Takes a file as further pages of the paper that came for an item of a claim. */
  public void bringMore(Actor by, String number, int item, InputStream stream) throws IOException {
    try (var file = Incoming.of(stream)) {
      furtherPages.add(by, number, item, file, Sifting.of(file.path()));
    }
  }
}
