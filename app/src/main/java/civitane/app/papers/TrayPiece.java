package civitane.app.papers;

import java.time.Instant;
import java.util.UUID;

/**
 * Pages that came by post and belong to nobody yet.
 *
 * @param cameBy who brought it: their login
 * @param envelopes whether it is letters of ours that came back undelivered
 * @param sorted whether the codes on its pages have been looked for
 */
record TrayPiece(
    UUID id,
    String name,
    String cameBy,
    Instant cameAt,
    boolean envelopes,
    boolean sorted,
    int version,
    int pages,
    boolean drawn,
    boolean unreadable) {

  /** The same with another word for who brought it: their name. */
  TrayPiece broughtBy(String name) {
    return new TrayPiece(
        id, this.name, name, cameAt, envelopes, sorted, version, pages, drawn, unreadable);
  }
}
