package civitane.core.facts;

/** What a person is to the applicant. */
public enum Role implements Word {
  APPLICANT,
  SPOUSE,
  CHILD,
  PARENT,
  SIBLING,
  RELATIVE,
  FOSTER_CHILD,
  RESIDENT_CARER,
  LODGER
}
