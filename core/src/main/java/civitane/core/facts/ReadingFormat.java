package civitane.core.facts;

/** How somebody reads best. */
public enum ReadingFormat implements Word {
  LARGE_PRINT,
  READ_ALOUD,
  EASY_WORDS
}
