package civitane.core.rules;

/** Nothing that would help whoever asks. */
record NoAids() {
  static final NoAids NONE = new NoAids();
}
