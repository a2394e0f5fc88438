import type { ClaimView } from "../api/client";

export interface ClaimPerson {
  id: string;
  role?: string;
  givenName?: string;
  birthDate?: string | null;
}

/** The people among a claim's facts. */
export function peopleOf(claim: ClaimView): ClaimPerson[] {
  return (claim.packet as { household?: { people?: ClaimPerson[] } }).household?.people ?? [];
}
