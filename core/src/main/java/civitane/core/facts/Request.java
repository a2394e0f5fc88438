package civitane.core.facts;

/** One thing asked for: a service by its word, and the answers to its questions as its record of them. */
public record Request(String service, Record answers) {}
