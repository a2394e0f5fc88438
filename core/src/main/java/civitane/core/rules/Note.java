package civitane.core.rules;

/** Something to know beside the outcome. */
public record Note(String code, String text) {}
