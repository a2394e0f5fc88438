package civitane.app.papers;

import civitane.app.claims.Claims;
import civitane.app.letters.Letters;
import civitane.core.facts.PaperKind;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Letters that come back: they tell of which claim what lies behind them is. */
@Component
class LetterReplies implements Replying {
  private final Letters letters;
  private final Claims claims;

  LetterReplies(Letters letters, Claims claims) {
    this.letters = letters;
    this.claims = claims;
  }

  @Override
  public Optional<Reply> to(String code) {
    return letters
        .aboutOf(code)
        .filter(claims::isThere)
        .map(claim -> new Reply(claim, null, PaperKind.OTHER, null, null));
  }

  @Override
  public void came(String code) {
    // That a letter came back says nothing of it.
  }
}
