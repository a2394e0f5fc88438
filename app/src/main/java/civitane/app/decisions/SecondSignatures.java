package civitane.app.decisions;

import civitane.core.claims.SecondSignature;
import civitane.core.rules.Result;
import java.security.SecureRandom;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether somebody else has to sign before a decision stands: by the rule, or because it was drawn at random. */
@Component
class SecondSignatures {
  private final SecureRandom chance = new SecureRandom();
  private final int drawnEvery;

  /** @param drawnEvery one in so many is drawn; 0 for none */
  SecondSignatures(@Value("${civitane.drawn-every:20}") int drawnEvery) {
    this.drawnEvery = drawnEvery;
  }

  /** @param restricted whether only named people see the household */
  boolean isWanted(Result result, boolean grants, boolean restricted) {
    return restricted
        || SecondSignature.isWanted(result, grants)
        || drawnEvery > 0 && chance.nextInt(drawnEvery) == 0;
  }
}
