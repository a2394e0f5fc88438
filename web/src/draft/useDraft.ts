import { hashKey, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { type ApplicationView, api, done, type Margin, Refusal } from "../api/client";
import { masked } from "./masked";
import { type Draft, type Mark, type Taking, whole, withValue } from "./packet";
import { confirmed, markAt, settled, withoutMark } from "./taking";
import { useMargin } from "./useMargin";

/** Milliseconds. */
const LOOK_AGAIN = 50;
const RETRY = 2000;
const LOOK_ELSEWHERE = 2500;

export type Saving = "saved" | "saving" | "offline" | "conflict";

/** A draft as fields see it: what is in it, and how it is changed. */
export interface DraftHandle {
  /** The application; none where nothing is kept. */
  id?: string;
  draft: Draft;
  margin?: Margin;
  saving: Saving;
  savedAt: string;
  conflict: string;
  version: () => number;
  set: (pointer: string, value: unknown) => void;
  change: (change: (draft: Draft) => Draft) => void;
  take: (change: (taking: Taking) => Taking) => void;
  markAt: (pointer: string) => Mark | undefined;
  confirm: (pointer: string) => void;
  /** Waits until what was typed is kept; fails where it can't be. */
  settle: () => Promise<void>;
  adopt: (view: ApplicationView) => void;
  keepMine: () => Promise<void>;
  showTheirs: () => Promise<void>;
}

/** A draft that is saved as typed, and that shows what was typed on it elsewhere. */
export function useDraft(view: ApplicationView): DraftHandle {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const id = view.id;
  const [draft, setDraft] = useState(() => whole(view.draft as unknown as Draft));
  const margin = useMargin(draft, id);
  const [saving, setSaving] = useState<Saving>("saved");
  const [savedAt, setSavedAt] = useState(view.updatedAt);
  const [conflict, setConflict] = useState("");
  const latest = useRef({ draft, version: view.version, unsaved: false, running: false, overtaken: false });
  const unanswered = useRef(new Set<string>());

  const theirs = useCallback(
    () => done(api.GET("/api/applications/{id}", { params: { path: { id } } })),
    [id],
  );

  /** Whether what overtook this window is its own save, kept by a server whose answer was lost. */
  const overtakenByMyself = useCallback(async (): Promise<boolean> => {
    const there = await theirs();
    if (!unanswered.current.has(hashKey([masked(there.draft)]))) return false;
    latest.current.version = there.version;
    return true;
  }, [theirs]);

  const save = useCallback(
    async (keepalive = false): Promise<"kept" | "busy" | "failed"> => {
      const now = latest.current;
      if (!now.unsaved) return "kept";
      if (now.overtaken) return "failed";
      if (now.running) return "busy";
      now.running = true;
      setSaving("saving");
      try {
        while (now.unsaved) {
          now.unsaved = false;
          unanswered.current.add(hashKey([masked(now.draft)]));
          const saved = await done(
            api.PUT("/api/applications/{id}", {
              params: { path: { id }, header: { "If-Match": `"${now.version}"` } },
              body: now.draft as never,
              keepalive,
            }),
          );
          now.version = saved.version;
          unanswered.current.clear();
          queries.setQueryData(["application", id], saved);
          setSavedAt(saved.updatedAt);
        }
        setSaving("saved");
        void queries.invalidateQueries({ queryKey: ["drafts"] });
        return "kept";
      } catch (problem) {
        now.unsaved = true;
        const refused = problem instanceof Refusal && problem.status === 412;
        now.overtaken = refused && !(await overtakenByMyself().catch(() => false));
        setConflict(now.overtaken ? (problem as Error).message : "");
        setSaving(now.overtaken ? "conflict" : "offline");
        return "failed";
      } finally {
        now.running = false;
      }
    },
    [id, overtakenByMyself, queries],
  );

  // What could not be saved before is tried once more when the screen or the page is left.
  useEffect(() => {
    const left = () => void save(true);
    addEventListener("pagehide", left);
    return () => {
      removeEventListener("pagehide", left);
      void save();
    };
  }, [save]);

  useEffect(() => {
    const again = setInterval(() => void save(), RETRY);
    return () => clearInterval(again);
  }, [save]);

  const adopt = useCallback(
    (other: ApplicationView) => {
      latest.current.draft = whole(other.draft as unknown as Draft);
      latest.current.version = other.version;
      latest.current.unsaved = false;
      latest.current.overtaken = false;
      unanswered.current.clear();
      queries.setQueryData(["application", id], other);
      setDraft(latest.current.draft);
      setSavedAt(other.updatedAt);
      setSaving("saved");
    },
    [id, queries],
  );

  // Another window on the same draft is seen here, as long as nothing is typed here meanwhile.
  useEffect(() => {
    const look = setInterval(async () => {
      const now = latest.current;
      if (document.hidden || now.unsaved || now.running) return;
      try {
        const version = await done(api.GET("/api/applications/{id}/version", { params: { path: { id } } }));
        if (version === now.version || now.unsaved || now.running) return;
        const other = await theirs();
        if (now.unsaved || now.running) return;
        if (other.state === "drafting") adopt(other);
        else queries.setQueryData(["application", id], other);
      } catch {
        // Saving tells of a lost connection.
      }
    }, LOOK_ELSEWHERE);
    return () => clearInterval(look);
  }, [adopt, id, queries, theirs]);

  // Every key is sent at once, or with the next save where one is under way: a browser that is killed loses nothing.
  // What is sent is what was typed last, whether or not it has been drawn yet.
  const change = useCallback(
    (how: (draft: Draft) => Draft) => {
      const now = latest.current;
      now.draft = settled(how(now.draft));
      now.unsaved = true;
      setDraft(now.draft);
      void save();
    },
    [save],
  );
  const set = useCallback(
    (pointer: string, value: unknown) =>
      change((old) => withoutMark({ ...old, packet: withValue(old.packet, pointer, value) }, pointer)),
    [change],
  );

  const settle = async () => {
    for (let how = await save(); how !== "kept"; how = await save()) {
      if (how === "failed") throw new Error(t("app.notKept"));
      await new Promise((resolve) => setTimeout(resolve, LOOK_AGAIN));
    }
  };

  return {
    id,
    draft,
    margin,
    saving,
    savedAt,
    conflict,
    version: () => latest.current.version,
    set,
    change,
    take: (how) => change((old) => ({ ...old, taking: how(old.taking) })),
    markAt: (pointer) => markAt(draft.taking, pointer),
    confirm: (pointer) => change((old) => ({ ...old, taking: confirmed(old.taking, pointer) })),
    settle,
    adopt,
    keepMine: async () => {
      latest.current.version = (await theirs()).version;
      latest.current.overtaken = false;
      await save();
    },
    showTheirs: async () => adopt(await theirs()),
  };
}
