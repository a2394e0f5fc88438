package civitane.core.facts;

/** What somebody outside is to a household that needs their word. */
public enum PartyKind implements Word {
  EMPLOYER,
  LANDLORD,
  LENDER,
  SCHOOL,
  DOCTOR,
  AUTHORITY
}
