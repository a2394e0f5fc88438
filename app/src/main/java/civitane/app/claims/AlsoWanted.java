package civitane.app.claims;

import civitane.core.claims.Want;
import civitane.core.ledger.Assembled;
import java.util.List;
import java.util.UUID;

/** Somebody else than the rules who may want something for a claim. */
public interface AlsoWanted {
  /** What is wanted now, named so that it stays true. */
  List<Want> of(UUID household, Assembled facts);
}
