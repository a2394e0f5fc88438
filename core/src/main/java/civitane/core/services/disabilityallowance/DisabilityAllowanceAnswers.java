package civitane.core.services.disabilityallowance;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.facts.OrNone;
import civitane.core.facts.PaperKind;
import civitane.core.money.Amount;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What the Disability Allowance asks beyond the household's facts. */
public record DisabilityAllowanceAnswers(
    @As(Form.PERSON) @Asked(calls = PaperKind.PHOTO) @Nullable
    String person,

    @Asked(calls = PaperKind.DISABILITY_CERTIFICATE) @Nullable
    OrNone<Certificate> certificate) {

  /**
   * A certificate of disability.
   *
   * @param expiresOn the last day it holds; null where it is permanent
   */
  public record Certificate(
      @Asked(forTheFile = true) @Nullable String number,
      @Asked(proposes = CertificateIssuer.class) @Nullable String issuer,
      @Nullable LocalDate issuedOn,
      @Asked(optional = true) @Nullable LocalDate expiresOn,
      @As(Form.NUMBER) @Nullable Amount percent,
      @Asked(forTheFile = true) @Nullable String condition) {
    static final Certificate NOT_SAID = new Certificate(null, null, null, null, null, null);
  }

  boolean hasNoCertificate() {
    return certificate != null && certificate.isNone();
  }

  Certificate shown() {
    return certificate == null || certificate.value() == null
        ? Certificate.NOT_SAID
        : certificate.value();
  }
}
