import type { Schemas } from "../api/client";

interface Props {
  services: Schemas["DoorChoice"][];
  busy: boolean;
  onAsk: (service: string) => void;
}

/** What can be asked for, each by its name. */
export function ServiceList({ services, busy, onAsk }: Props) {
  return (
    <ul className="pb-3">
      {services.map((one) => (
        <li key={one.word}>
          <button
            type="button"
            className="plain-link py-2 text-start"
            disabled={busy}
            onClick={() => onAsk(one.word)}
          >
            {one.said}
          </button>
        </li>
      ))}
    </ul>
  );
}
