import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { type ApplicationView, api, done, type Margin, Refusal } from "../api/client";
import { type Draft, withValue } from "./packet";

const MARGIN_PAUSE = 60;
const SAVE_PAUSE = 250;
const RETRY = 3000;

export type Saving = "saved" | "saving" | "offline" | "conflict";

export interface DraftHandle {
  draft: Draft;
  margin?: Margin;
  saving: Saving;
  savedAt: string;
  conflict: string;
  version: () => number;
  set: (pointer: string, value: unknown) => void;
  change: (change: (draft: Draft) => Draft) => void;
  settle: () => Promise<boolean>;
  keepMine: () => Promise<void>;
  showTheirs: () => Promise<void>;
}

/** A draft that is saved as typed, and worked out afresh after each pause; stale answers are dropped. */
export function useDraft(view: ApplicationView): DraftHandle {
  const queries = useQueryClient();
  const id = view.id;
  const [draft, setDraft] = useState(view.draft as unknown as Draft);
  const [margin, setMargin] = useState<Margin>();
  const [saving, setSaving] = useState<Saving>("saved");
  const [savedAt, setSavedAt] = useState(view.updatedAt);
  const [conflict, setConflict] = useState("");
  const latest = useRef({ draft, version: view.version, unsaved: false, running: false });
  latest.current.draft = draft;

  const save = useCallback(async (): Promise<boolean> => {
    const now = latest.current;
    if (!now.unsaved) return true;
    if (now.running) return false;
    now.running = true;
    now.unsaved = false;
    setSaving("saving");
    try {
      const saved = await done(
        api.PUT("/api/applications/{id}", {
          params: { path: { id }, header: { "If-Match": `"${now.version}"` } },
          body: now.draft as never,
        }),
      );
      now.version = saved.version;
      queries.setQueryData(["application", id], saved);
      setSavedAt(saved.updatedAt);
      setSaving(now.unsaved ? "saving" : "saved");
      return !now.unsaved;
    } catch (problem) {
      now.unsaved = true;
      const overtaken = problem instanceof Refusal && problem.status === 412;
      setConflict(overtaken ? (problem as Error).message : "");
      setSaving(overtaken ? "conflict" : "offline");
      return false;
    } finally {
      now.running = false;
    }
  }, [id, queries]);

  // What it leads to is worked out at once after a pause, cancelling what is stale; saving may wait a little longer.
  useEffect(() => {
    const request = new AbortController();
    const timer = setTimeout(async () => {
      try {
        setMargin(await done(api.POST("/api/margin", { body: draft as never, signal: request.signal })));
      } catch {
        // A dropped or failed answer leaves the last margin; saving tells of a lost connection.
      }
    }, MARGIN_PAUSE);
    return () => {
      clearTimeout(timer);
      request.abort();
    };
  }, [draft]);

  useEffect(() => {
    if (saving === "conflict" || !draft) return;
    const timer = setTimeout(save, SAVE_PAUSE);
    return () => clearTimeout(timer);
  }, [draft, save, saving]);

  useEffect(() => {
    const again = setInterval(() => {
      if (latest.current.unsaved && !latest.current.running && saving !== "conflict") void save();
    }, RETRY);
    return () => clearInterval(again);
  }, [save, saving]);

  const change = useCallback((how: (draft: Draft) => Draft) => {
    latest.current.unsaved = true;
    setDraft(how);
  }, []);
  const set = useCallback(
    (pointer: string, value: unknown) =>
      change((old) => ({ ...old, packet: withValue(old.packet, pointer, value) })),
    [change],
  );

  const theirs = () => done(api.GET("/api/applications/{id}", { params: { path: { id } } }));
  return {
    draft,
    margin,
    saving,
    savedAt,
    conflict,
    version: () => latest.current.version,
    set,
    change,
    settle: save,
    keepMine: async () => {
      latest.current.version = (await theirs()).version;
      setSaving("saving");
      await save();
    },
    showTheirs: async () => {
      const other = await theirs();
      latest.current.version = other.version;
      latest.current.unsaved = false;
      setDraft(other.draft as unknown as Draft);
      setSaving("saved");
    },
  };
}
