import { useCallback, useEffect, useMemo, useState } from "react";
import { api, done, type Schemas } from "../api/client";
import { type Draft, type Person, withValue } from "../draft/packet";
import { settled } from "../draft/taking";
import type { DraftHandle } from "../draft/useDraft";
import { useMargin } from "../draft/useMargin";

const PAUSE = 80;

/** What is told of the household for a first look: as typed, so that what can't be read stays. */
export interface Told {
  postcode: string;
  adults: string;
  from14: string;
  under14: string;
  monthly: string;
  owned: string;
}

const NOTHING: Told = { postcode: "", adults: "1", from14: "0", under14: "1", monthly: "", owned: "" };

/** A first look: a draft that is never saved, and what the rules say to it after each pause. */
export function useQuickCheck(service: string) {
  const [told, setTold] = useState<Told>(NOTHING);
  const [draft, setDraft] = useState<Draft>(() => blank(service));
  const [look, setLook] = useState<Schemas["Look"]>();

  useEffect(() => {
    setDraft(blank(service));
    setLook(undefined);
  }, [service]);

  const people = useMemo(() => peopleOf(told), [told]);
  const seen = useMemo(
    () => ({ ...draft, packet: { ...draft.packet, household: { ...draft.packet.household, people } } }),
    [draft, people],
  );
  const margin = useMargin(seen);
  const answers = draft.packet.requests[0]?.answers;

  const ask = useCallback(
    (signal?: AbortSignal) =>
      done(
        api.POST("/api/quick-checks/{service}", {
          params: { path: { service } },
          body: {
            postcode: told.postcode || undefined,
            adults: whole(told.adults) || 1,
            from14: whole(told.from14),
            under14: whole(told.under14),
            monthly: number(told.monthly),
            owned: number(told.owned),
            answers: (answers ?? {}) as never,
          },
          signal,
        }),
      ),
    [service, told, answers],
  );

  useEffect(() => {
    const request = new AbortController();
    const timer = setTimeout(async () => {
      try {
        setLook(await ask(request.signal));
      } catch {
        // A dropped answer leaves the last look.
      }
    }, PAUSE);
    return () => {
      clearTimeout(timer);
      request.abort();
    };
  }, [ask]);

  const change = useCallback((how: (draft: Draft) => Draft) => setDraft((old) => settled(how(old))), []);
  const handle: DraftHandle = {
    draft: seen,
    margin,
    saving: "saved",
    savedAt: "",
    conflict: "",
    version: () => 0,
    set: (pointer, value) => change((old) => ({ ...old, packet: withValue(old.packet, pointer, value) })),
    change,
    take: (how) => change((old) => ({ ...old, taking: how(old.taking) })),
    markAt: () => undefined,
    confirm: () => {},
    settle: async () => {},
    adopt: () => {},
    keepMine: async () => {},
    showTheirs: async () => {},
  };
  return { told, tell: (part: Partial<Told>) => setTold((old) => ({ ...old, ...part })), handle, look, ask };
}

function whole(text: string): number {
  return /^\d{1,2}$/.test(text.trim()) ? Number(text) : 0;
}

function number(text: string): number | undefined {
  const plain = text.replaceAll(/[\s,]/g, "");
  return /^\d+(\.\d{1,2})?$/.test(plain) ? Number(plain) : undefined;
}

/** The people as they are counted: by number, for nobody is named yet. */
function peopleOf(told: Told): Person[] {
  const adults = Math.max(1, whole(told.adults));
  const children = whole(told.from14) + whole(told.under14);
  return Array.from({ length: Math.min(12, adults + children) }, (_, i) => ({
    id: `p${i + 1}`,
    role: i === 0 ? "applicant" : i < adults ? "relative" : "child",
    givenName: i < adults ? `Adult ${i + 1}` : `Child ${i + 1 - adults}`,
  }));
}

function blank(service: string): Draft {
  return {
    packet: {
      format: "civitane-packet",
      version: 1,
      household: { people: [], incomes: [], noIncome: [], assets: [] },
      requests: [{ service, answers: {} }],
      papers: [],
      signatures: [],
    },
    typed: {},
    taking: {},
  };
}
