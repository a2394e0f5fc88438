package civitane.core.services.clearrecord;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Usually;
import civitane.core.facts.WhoseWord;
import org.jspecify.annotations.Nullable;

/** What a Clear Record asks beyond the household's facts. */
public record ClearRecordAnswers(
    @As(Form.PERSON) @Asked(calls = {PaperKind.PHOTO, PaperKind.PASSPORT_PAGE}) @Nullable
    String person,

    @Nullable String purpose,
    @Nullable String country,
    @Usually("1") @Asked(optional = true) int copies,
    @Nullable Delivery delivery,

    @Asked(optional = true, when = "delivery", is = "counter") @Nullable
    Collector collector,

    @Asked(when = "collector", is = "other", counts = WhoseWord.OFFICE)
    boolean authorised,

    @Asked(filledIn = true) @Nullable RecordAnswer registerAnswer) {}
