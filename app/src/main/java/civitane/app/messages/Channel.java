package civitane.app.messages;

import civitane.core.facts.Way;
import civitane.core.facts.WayKind;

/** How a message goes. */
enum Channel {
  TEXT,
  MAIL;

  static Channel of(Way way) {
    return way.kind() == WayKind.MAIL ? MAIL : TEXT;
  }
}
