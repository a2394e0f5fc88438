package civitane.app.messages;

/** What became of a message; one that waits is sent yet. */
enum MessageState {
  DELIVERED,
  BOUNCED,
  /** It could not be sent while it was of use. */
  TOO_LATE
}
