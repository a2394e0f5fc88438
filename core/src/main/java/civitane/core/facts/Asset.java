package civitane.core.facts;

import civitane.core.money.Amount;
import org.jspecify.annotations.Nullable;

/** Something of value that belongs to a person. */
public record Asset(
    @As(Form.PERSON) @Nullable String person,
    @Required AssetKind kind,
    @Nullable Amount value) {}
