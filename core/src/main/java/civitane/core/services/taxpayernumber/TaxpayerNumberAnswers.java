package civitane.core.services.taxpayernumber;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a Taxpayer Number asks beyond the household's facts. */
public record TaxpayerNumberAnswers(
    @As(Form.PERSON) @Nullable String person,
    @Nullable Boolean hasNumber,
    @Nullable List<TaxSource> sources,
    @Asked(when = "sources", is = "employment") @Nullable String employerNumber,
    @Nullable List<NamedPaper> identityPapers,
    @Asked(optional = true) @Nullable Voucher voucher) {

  /** An identity paper by its number. */
  public record NamedPaper(@Nullable String kind, @Nullable String number) {}

  /** A resident who knows the person. */
  public record Voucher(
      @Asked(forTheFile = true) @Nullable String name,
      @Nullable String residentNumber) {}
}
