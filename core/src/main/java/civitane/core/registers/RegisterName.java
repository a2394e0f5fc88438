package civitane.core.registers;

import civitane.core.facts.Word;

/** A register of somebody else that this office may ask. */
public enum RegisterName implements Word {
  /** Who lives where. */
  POPULATION,
  /** What employers report. */
  WAGES,
  /** What was assessed for tax. */
  TAX,
  /** For which children child benefit is received. */
  CHILD_BENEFIT,
  /** Whom an account belongs to. */
  ACCOUNTS,
  /** Which identity papers were issued, and which were reported lost. */
  IDENTITY_PAPERS,
  /** What is due on a loan, and whether the lender takes part. */
  LENDERS,
  /** Which landlords agree to be paid, and to which account. */
  LANDLORDS,
  /** Who owns what, and how it is assessed. */
  PARCELS,
  /** What was sold, where and for how much. */
  SALES
}
