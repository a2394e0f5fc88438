package civitane.core.facts;

/** One thing asked for: a service by its word, and the answers to its questions. */
public record Request(String service, Answers answers) {}
