package civitane.core.facts;

/** Whom the household allows to be asked. */
public enum ConsentTo implements Word {
  REGISTERS,
  EMPLOYER,
  LENDER,
  LANDLORD,
  DOCTOR,
  SCHOOL
}
