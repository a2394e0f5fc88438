package civitane.packet.form;

/** A word to choose, and how it is said. */
record FormOption(String word, String said) {}
