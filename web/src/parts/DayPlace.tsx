import { lazy, type ReactNode, Suspense, useEffect, useRef, useState } from "react";
import { readDate } from "../draft/typing";
import { fullDay } from "./format";
import { typeInto } from "./typeInto";

// The calendar comes when it is first asked for.
const MonthSheet = lazy(() => import("./MonthSheet"));

interface Props {
  today: string;
  /** The day that is known, where what stands in the field can't be read. */
  day?: string;
  /** Whether a year of two digits may lie ahead. */
  ahead?: boolean;
  /** The field that the day is typed into. */
  children: ReactNode;
}

/** The place of a field for a day: what is typed can be chosen from a calendar too, with F4, or by its mark. */
export function DayPlace({ today, day, ahead = true, children }: Props) {
  const place = useRef<HTMLSpanElement>(null);
  const [open, setOpen] = useState(false);
  const input = () => place.current?.querySelector("input") ?? undefined;
  useEffect(() => {
    const at = place.current;
    const pressed = (event: KeyboardEvent) => {
      if (event.key !== "F4" || event.altKey) return;
      event.preventDefault();
      setOpen(true);
    };
    const onMark = (event: MouseEvent) => {
      if (!(event.target as HTMLElement).closest(".day-mark")) return;
      // The mark is there while the field has the focus, which it keeps.
      event.preventDefault();
      if (event.type === "click") setOpen(true);
    };
    at?.addEventListener("keydown", pressed);
    at?.addEventListener("mousedown", onMark);
    at?.addEventListener("click", onMark);
    return () => {
      at?.removeEventListener("keydown", pressed);
      at?.removeEventListener("mousedown", onMark);
      at?.removeEventListener("click", onMark);
    };
  }, []);
  const close = () => {
    setOpen(false);
    input()?.focus();
  };
  return (
    <span ref={place} className="day-place">
      {children}
      <span className="day-mark" aria-hidden="true">
        ▾
      </span>
      {open && (
        <Suspense>
          <MonthSheet
            beside={place}
            day={readDate(input()?.value ?? "", today, ahead) ?? day}
            today={today}
            onClose={close}
            onPick={(day) => {
              const field = input();
              if (field) typeInto(field, fullDay(day));
              close();
            }}
          />
        </Suspense>
      )}
    </span>
  );
}
