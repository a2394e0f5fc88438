package civitane.core.services.identitycheck;

import civitane.core.facts.As;
import civitane.core.facts.Form;
import org.jspecify.annotations.Nullable;

/** What an Identity Check asks beyond the household's facts. */
public record IdentityCheckAnswers(
    @As(Form.PERSON) @Nullable String person,
    @Nullable String claim,
    @Nullable Boolean madeClaim) {}
