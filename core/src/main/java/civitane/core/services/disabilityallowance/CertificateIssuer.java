package civitane.core.services.disabilityallowance;

import civitane.core.facts.Word;

/** Who usually issues certificates; which of them are recognised is for the rate book. */
public enum CertificateIssuer implements Word {
  DISTRICT_HOSPITAL,
  REGIONAL_CLINIC,
  ARMED_FORCES_MEDICAL
}
