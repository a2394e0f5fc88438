package civitane.app.papers;

/**
 * A file that a paper's pages are of, as it came.
 *
 * @param kind of the paper, as packets write it
 * @param hash SHA-256, in hexadecimal digits
 * @param ending of a name for it, as in {@code .pdf}
 */
public record KeptFile(String kind, String hash, String ending) {}
