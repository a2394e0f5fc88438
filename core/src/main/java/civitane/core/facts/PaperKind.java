package civitane.core.facts;

/** What kind of paper it is. */
public enum PaperKind implements Word {
  PASSPORT("passport"),
  NATIONAL_ID("nationalId"),
  DRIVING_LICENCE("drivingLicence"),
  RESIDENCE_PERMIT("residencePermit"),
  BIRTH_RECORD("birthRecord"),
  TAX_NOTICE("taxNotice"),
  SCHOOL_RECORD("schoolRecord"),
  WORK_CARD("workCard"),
  STUDENT_CARD("studentCard"),
  UTILITY_BILL("utilityBill"),
  BANK_STATEMENT("bankStatement"),
  PAYSLIP("payslip"),
  RESIDENT_NUMBER_CARD("residentNumberCard"),
  BENEFIT_LETTER("benefitLetter"),
  CASH_INCOME_LETTER("cashIncomeLetter"),
  EMPLOYER_STATEMENT("employerStatement"),
  BUSINESS_BOOKS("businessBooks"),
  TAX_RETURN("taxReturn"),
  LEASE("lease"),
  TENANCY_PROOF("tenancyProof"),
  ARREARS_NOTICE("arrearsNotice"),
  MORTGAGE_STATEMENT("mortgageStatement"),
  LENDER_LETTER("lenderLetter"),
  TRUSTEE_CONSENT("trusteeConsent"),
  ASSET_STATEMENT("assetStatement"),
  MEDICAL_CERTIFICATE("medicalCertificate"),
  EMPLOYMENT_CONFIRMATION("employmentConfirmation"),
  RELATION_PROOF("relationProof"),
  INCIDENT_REPORT("incidentReport"),
  SERVICE_ORDER("serviceOrder"),
  DISABILITY_CERTIFICATE("disabilityCertificate"),
  STUDY_RECORD("studyRecord"),
  APPRAISAL("appraisal"),
  CONDITION_PHOTO("conditionPhoto"),
  SALE_RECORD("saleRecord"),
  MANDATE("mandate"),
  DEED("deed"),
  PHOTO("photo"),
  PASSPORT_PAGE("passportPage"),
  DEATH_RECORD("deathRecord"),
  WILL("will"),
  KINSHIP_TABLE("kinshipTable"),
  INVENTORY("inventory"),
  PUBLISHED_NOTICE("publishedNotice"),
  CONSENT("consent"),
  OTHER("other");

  private final String word;

  PaperKind(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
