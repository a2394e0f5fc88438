import type { Schemas } from "../api/client";
import { useSay, useTongue } from "./words";

/** The forms of what is asked for, with what was typed, to be printed. */
export function OnPaper({ services }: { services: Schemas["DoorChoice"][] }) {
  const say = useSay();
  const language = useTongue();
  return (
    <p className="mt-8">
      {say("early.onPaper")}{" "}
      {services.map((service) => (
        <a
          key={service.word}
          className="plain-link inline-block py-2 me-4"
          href={`/api/door/application/forms/${service.word}?language=${language}`}
          download
        >
          {service.said} (PDF)
        </a>
      ))}
    </p>
  );
}
