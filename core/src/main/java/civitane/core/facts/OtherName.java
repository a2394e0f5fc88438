package civitane.core.facts;

/** A name a person had before, or is known by. */
public record OtherName(
    @Required OtherNameKind kind, @Required String name) {}
