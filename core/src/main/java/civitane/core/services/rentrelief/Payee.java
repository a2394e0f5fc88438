package civitane.core.services.rentrelief;

import civitane.core.facts.Word;

/** Who is paid. */
public enum Payee implements Word {
  LANDLORD,
  TENANT
}
