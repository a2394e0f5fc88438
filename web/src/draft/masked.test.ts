import { describe, expect, it } from "vitest";
import { isMasked, masked } from "./masked";

describe("numbers that are not shown whole", () => {
  const kept = {
    packet: {
      household: { people: [{ id: "p1", residentNumber: "4821907369" }], payment: { iban: "QV33BWSL0103" } },
    },
    typed: { "/household/people/1/residentNumber": "48219" },
  };

  it("keep their last four characters, wherever they stand", () => {
    const sent = masked(kept) as typeof kept;
    expect(sent.packet.household.people[0]).toEqual({ id: "p1", residentNumber: "•••• 7369" });
    expect(sent.packet.household.payment.iban).toBe("•••• 0103");
    expect(sent.typed).toEqual(kept.typed);
  });

  it("are the same masked once more", () => {
    expect(masked(masked(kept))).toEqual(masked(kept));
    expect(isMasked("•••• 7369")).toBe(true);
    expect(isMasked("4821907369")).toBe(false);
  });
});
