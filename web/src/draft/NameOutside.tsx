import { useQuery } from "@tanstack/react-query";
import { api, done } from "../api/client";
import { Proposed } from "./Proposed";
import { at } from "./packet";
import type { DraftHandle } from "./useDraft";

interface Props {
  handle: DraftHandle;
  pointer: string;
  label: string;
  /** What somebody outside is who is named here. */
  kind: string;
  className?: string;
}

/** The name of somebody outside: those the office knows are proposed as it is typed, and any other may be written. */
export function NameOutside({ handle, pointer, label, kind, className }: Props) {
  const name = String(at(handle.draft.packet, pointer) ?? "");
  const known = useQuery({
    queryKey: ["party names", kind, name],
    queryFn: () => done(api.GET("/api/parties/names", { params: { query: { kind, start: name } } })),
    enabled: name.length > 0,
    placeholderData: (before: string[] | undefined) => before,
  });
  return (
    <Proposed
      handle={handle}
      pointer={pointer}
      label={label}
      className={className}
      proposals={known.data ?? []}
    />
  );
}
