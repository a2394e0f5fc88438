package civitane.core.checking;

import civitane.core.facts.Word;
import civitane.core.registers.RegisterName;
import org.jspecify.annotations.Nullable;

/** What is held against something else. */
public enum Matter implements Word {
  NAME(RegisterName.POPULATION),
  BIRTH_DATE(RegisterName.POPULATION),
  ADDRESS(RegisterName.POPULATION),
  /** What an employer reports, against the wages that were named. */
  WAGE(RegisterName.WAGES),
  ACCOUNT_HOLDER(RegisterName.ACCOUNTS),
  /** Whom an identity paper was issued to, and that it was not reported lost. */
  IDENTITY_PAPER(RegisterName.IDENTITY_PAPERS),
  /** What is due on a loan, by who lent the money. */
  LENDER_FIGURE(RegisterName.LENDERS),
  LANDLORD_AGREEMENT(RegisterName.LANDLORDS),
  PARCEL_OWNER(RegisterName.PARCELS),
  PARCEL_VALUE(RegisterName.PARCELS),
  TAX_FILED(RegisterName.TAX),
  /** What was assessed for all of those who pay tax together. */
  ASSESSED_INCOME(RegisterName.TAX),
  CHILD_BENEFIT(RegisterName.CHILD_BENEFIT),
  /** The days of leave, against those that a certificate covers. */
  LEAVE_DAYS(null),
  /** Whom a record of a death is about. */
  DECEASED_NAME(null),
  /** The name signed, against the name of who signs. */
  SIGNED_NAME(null);

  /** Where the account of a household stands. */
  static final String PAYMENT = "/household/payment";

  private final @Nullable RegisterName register;

  Matter(@Nullable RegisterName register) {
    this.register = register;
  }

  /** Whose word stands on the other side; null where it is another word of the household. */
  public @Nullable RegisterName register() {
    return register;
  }
}
