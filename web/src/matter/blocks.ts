/** Questions that belong together, line by line; what is read together stands on one line. */
export interface Block {
  /** The key of the block's words; none where it has no heading of its own. */
  words?: string;
  lines: string[][];
}

const block = (words: string, ...lines: string[][]): Block => ({ words, lines });

/** The questions of a service, or of a group within them, in the order of the work: what decides first comes first. */
const BLOCKS: Record<string, Block[]> = {
  rentRelief: [
    block("owed", ["monthlyRent", "comingMonths"], ["arrears"], ["subsidised", "ownShare"]),
    block("cause", ["hardship"], ["hardshipText"]),
    block("landlord", ["landlord"], ["leaseNames"]),
  ],
  "rentRelief landlord": [{ lines: [["name", "iban"], ["agrees"]] }],
  homePaymentRelief: [
    block("missed", ["missedMonths"], ["monthlyPayment", "amountDue", "otherCharges"]),
    block("home", ["propertyType", "ownerKind"], ["mainResidence", "otherHomes"]),
    block("cause", ["hardship"], ["hardshipText"]),
    block("lender", ["lender", "loanNumber"], ["insolvency", "trusteeConsents"]),
  ],
  "homePaymentRelief lender": [{ lines: [["name", "code"]] }],
  householdAllowance: [{ lines: [["shelter"]] }],
  "householdAllowance shelter": [{ lines: [["rentOrMortgage", "heating"]] }],
  schoolMeals: [
    block("children", ["children"]),
    block("more", ["householdTotal", "schoolYear"], ["benefitNumber", "medium"]),
  ],
  paidLeave: [
    block("leave", ["person", "reason", "complication"]),
    block("when", ["pattern", "hoursPerWeek", "hoursOff"], ["absentFrom"]),
    block("told", ["noticeOn", "unforeseen", "writtenNoticeOn"]),
    block("earned", ["employers"], ["selfEmployed"]),
    block("besides", ["otherPay"], ["withhold"]),
  ],
  "paidLeave selfEmployed": [{ lines: [["enrolled", "quarters"]] }],
  "paidLeave withhold": [{ lines: [["national", "district"]] }],
  legalAdvice: [
    block("urgent", ["urgent"]),
    block("matter", ["area"], ["problem"]),
    block("against", ["otherParty", "otherPartyPerson"]),
  ],
  studyAdjustments: [
    block("limits", ["person", "enrolled", "term"], ["limits"]),
    block("why", ["conditions"], ["usedBefore"]),
  ],
  childDental: [block("children", ["children"]), block("tax", ["taxFiled", "assessedIncome"])],
  disabilityAllowance: [block("who", ["person"]), block("certificate", ["certificate"])],
  "disabilityAllowance certificate": [
    {
      lines: [
        ["percent", "condition"],
        ["issuedOn", "expiresOn"],
        ["number", "issuer"],
      ],
    },
  ],
  housingList: [
    block("lists", ["lists"]),
    block("now", ["bedroomsNow", "monthlyRent"], ["homeless", "displaced", "localTie"], ["homelessTimes"]),
  ],
  valueReview: [
    block("notice", ["parcel"], ["noticeOn", "lateReason"]),
    block("value", ["propertyClass", "currentValue", "askedValue"], ["grounds"]),
    block("compared", ["valuedOn", "subject"], ["sales"]),
    block("who", ["standing", "mandateGiven"], ["appearance", "earlierYears"]),
  ],
  "valueReview subject": [{ lines: [["area", "condition"]] }],
  decisionAppeal: [
    block("decision", ["decision", "kind"], ["noticeOn", "deliveredOn"], ["lateReason"]),
    block("why", ["grounds"], ["keepPaying"]),
  ],
  paymentArrangement: [
    block("debts", ["debts"]),
    block("parts", ["months", "downPercent"], ["firstDueOn"]),
    block("why", ["reason"], ["reasonText"], ["affordability"]),
  ],
  clearRecord: [
    block("who", ["person", "copies"]),
    block("what", ["purpose", "country"]),
    block("fetched", ["delivery", "collector", "authorised"]),
  ],
  nameChange: [
    block("who", ["person", "newGivenName", "newFamilyName"], ["reason"]),
    block("notice", ["noticeWaived", "noticePublishedOn"], ["lastChangeOn"]),
    block("guardians", ["guardians"]),
  ],
  estateAuthority: [
    block("died", ["deceased"]),
    block("asks", ["applicantIs", "will"], ["organisation"]),
    block("estate", ["grossValue", "dutiesAccepted"]),
  ],
  "estateAuthority deceased": [{ lines: [["name"], ["diedOn", "deathNumber"]] }],
  "estateAuthority organisation": [{ lines: [["name", "registration"]] }],
  taxpayerNumber: [
    block("who", ["person", "hasNumber"]),
    block("money", ["sources"], ["employerNumber"]),
    block("shown", ["identityPapers"], ["voucher"]),
  ],
  "taxpayerNumber voucher": [{ lines: [["name", "residentNumber"]] }],
  identityCheck: [{ lines: [["person", "claim"], ["madeClaim"]] }],
};

/** Questions that another one's part draws with it. */
const DRAWN_WITH: Record<string, string[]> = {
  "paidLeave absentFrom": ["lastWorkedOn", "benefitFrom", "returnOn"],
};

/** Whether a question's part names itself and those it draws with it. */
export function drawsItsOwn(service: string, path: string): boolean {
  return `${service} ${path}` in DRAWN_WITH;
}

/** The blocks of some questions, by their keys; a question that stands in none has a line of its own at the end. */
export function blocksOf(service: string, path: string, keys: string[]): Block[] {
  const group = path ? `${service} ${path.slice(0, -1)}` : service;
  const blocks = BLOCKS[group] ?? [];
  const placed = new Set([
    ...blocks.flatMap((one) => one.lines.flat()),
    ...keys.flatMap((key) => DRAWN_WITH[`${service} ${path}${key}`] ?? []),
  ]);
  const rest = keys.filter((key) => !placed.has(key)).map((key) => [key]);
  const known = blocks.map((one) => ({
    ...one,
    lines: one.lines.map((line) => line.filter((key) => keys.includes(key))).filter((line) => line.length),
  }));
  return [...known, { lines: rest }].filter((one) => one.lines.length > 0);
}
