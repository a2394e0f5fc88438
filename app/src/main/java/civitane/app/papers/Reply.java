package civitane.app.papers;

import civitane.core.facts.PaperKind;
import org.jspecify.annotations.Nullable;

/**
 * Where something belongs that came back with a code of ours on it.
 *
 * @param claim its number
 * @param item which item of the claim it answers; null where the code does not say
 * @param person whose paper it is, by the id in the claim's packet; null where that is not known
 * @param income which income it is about, likewise
 * @param sender who filled it in; null for the household
 */
public record Reply(
    String claim,
    @Nullable Integer item,
    PaperKind kind,
    @Nullable String person,
    @Nullable String income,
    @Nullable String sender) {}
