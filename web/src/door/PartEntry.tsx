import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, lazy, Suspense, useId, useState } from "react";
import type { Schemas } from "../api/client";
import { Against } from "./Against";
import { put } from "./asking";
import { refusedWith, useTries } from "./useTries";
import { useSay, useTongue } from "./words";

const Part = lazy(() => import("./Part").then((read) => ({ default: read.Part })));

/** For whoever was asked about somebody: the code on the form that went to them, then the form. */
export function PartEntry({ scanned }: { scanned: string }) {
  const say = useSay();
  const language = useTongue();
  const id = useId();
  const [code, setCode] = useState(scanned);
  const queries = useQueryClient();
  const [opened, setOpened] = useState("");
  const { against, busy, trying } = useTries();
  const part = useQuery({
    queryKey: ["door", "part", opened, language],
    queryFn: async (): Promise<Schemas["DoorPart"]> => {
      const response = await put("part", { code: opened, language });
      return response.ok ? response.json() : Promise.reject(response.status);
    },
    enabled: opened !== "",
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
    placeholderData: (before) => before,
  });
  const open = (event: FormEvent) => {
    event.preventDefault();
    void trying(async () => {
      const response = await put("part", { code, language });
      if (!response.ok) return refusedWith(response, "part.wrong");
      queries.setQueryData(["door", "part", code, language], await response.json());
      setOpened(code);
      return "";
    });
  };
  if (part.data) {
    return (
      <Suspense fallback={null}>
        <Part part={part.data} code={opened} />
      </Suspense>
    );
  }
  return (
    <form onSubmit={open} className="pb-4">
      <label className="block">
        {say("part.code")}
        <input
          className="door-field case"
          dir="ltr"
          autoComplete="off"
          autoCapitalize="characters"
          spellCheck={false}
          maxLength={20}
          required
          aria-describedby={id}
          value={code}
          onChange={(event) => setCode(event.target.value)}
        />
      </label>
      <p id={id} className="soft mt-1 mb-4">
        {say("part.how")}
      </p>
      <Against says={against && say(against)} />
      <button type="submit" className="door-button door-main" disabled={busy}>
        {say("part.go")}
      </button>
    </form>
  );
}
