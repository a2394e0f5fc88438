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

  Bringing(Papers papers) {
    this.papers = papers;
  }

  /** Takes a file as a paper of a claim's household; answers the paper. */
  public UUID bring(Actor by, String number, InputStream stream, Papers.Filing filing)
      throws IOException {
    try (var file = Incoming.of(stream)) {
      return papers.take(by, number, file, Sifting.of(file.path()), filing);
    }
  }
}
