import { type QueryClient, useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useEffect, useState } from "react";
import { api, done, type Schemas } from "../api/client";

/** What is parked: an application that is being taken, or a claim by its number. */
type Work = { application: string } | { claim: string };

const LONGEST = 200;
const GOING_ON = ["going on"];

/** What one was called away from, the latest first. */
export function useParked(enabled: boolean) {
  return useQuery({
    queryKey: ["parked"],
    queryFn: () => done(api.GET("/api/parked")),
    enabled,
  });
}

/** Whatever has the cursor: how it is found again, and what it is called. */
function cursor() {
  const field = document.activeElement;
  if (!(field instanceof HTMLElement) || !field.closest("main, [role=dialog]")) return {};
  const typed = field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement;
  const label =
    field.getAttribute("aria-label") ??
    (typed || field instanceof HTMLSelectElement ? field.labels?.[0]?.textContent : undefined) ??
    undefined;
  return {
    field: field.id.slice(0, LONGEST) || undefined,
    label: label?.trim().slice(0, LONGEST) || undefined,
    caret: (typed && field.selectionStart) || undefined,
  };
}

/** Parks what one is at, with the place of the cursor, and goes to the Desk. */
export function usePark(work: Work) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  return async (part: string) => {
    const where = { part, ...cursor() };
    const all = await done(api.POST("/api/parked", { body: { ...work, where } }));
    queries.setQueryData(["parked"], all);
    navigate({ to: "/" });
  };
}

/** Remembers where what is opened next is to be gone on with. */
export function goOnAt(queries: QueryClient, one: Schemas["Parked"]) {
  queries.setQueryData(GOING_ON, one);
}

/** Where what is opened now is to be gone on with, if it was parked; asked once. */
export function useGoingOn(work: Work): Schemas["Where"] | undefined {
  const queries = useQueryClient();
  const [where] = useState(() => {
    const one = queries.getQueryData<Schemas["Parked"]>(GOING_ON);
    const isIt = "claim" in work ? one?.claim === work.claim : one?.application === work.application;
    return isIt ? one?.where : undefined;
  });
  useEffect(() => {
    if (!where) return;
    queries.removeQueries({ queryKey: GOING_ON });
    return whenThere(where);
  }, [where, queries]);
  return where;
}

/** Puts the cursor back as soon as its field is on the screen, unless somebody has typed meanwhile. */
function whenThere(where: Schemas["Where"]): () => void {
  const look = () => {
    const field = found(where);
    if (!field) return;
    stop();
    field.focus();
    const caret = where.caret;
    if (caret !== undefined && (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement)) {
      field.setSelectionRange(caret, caret);
    }
  };
  const watch = new MutationObserver(look);
  const stop = () => {
    watch.disconnect();
    window.removeEventListener("keydown", stop);
    window.removeEventListener("pointerdown", stop);
  };
  watch.observe(document.body, { childList: true, subtree: true });
  window.addEventListener("keydown", stop);
  window.addEventListener("pointerdown", stop);
  look();
  return stop;
}

function found({ field, label }: Schemas["Where"]): HTMLElement | undefined {
  const byId = field && document.getElementById(field);
  if (byId) return byId;
  const labels = [...document.querySelectorAll("label")];
  const labelled = labels.find((one) => label && one.textContent?.trim() === label)?.control;
  return labelled ?? undefined;
}
