package civitane.app.messages;

/** A message that the stand-in brought: {@code text} or {@code mail}, to where, and what it says. */
record BroughtMessage(String id, String channel, String to, String text) {}
