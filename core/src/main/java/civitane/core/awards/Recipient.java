package civitane.core.awards;

import civitane.core.facts.Word;

/** To whom something is given. */
public enum Recipient implements Word {
  HOUSEHOLD,
  LANDLORD,
  LENDER,
  SCHOOL,
  /** The office: a fee, or a part of a debt. */
  OFFICE
}
