import { type ChangeEvent, type FormEvent, useRef, useState } from "react";
import type { Schemas } from "../api/client";
import { ApplyPage } from "./ApplyPage";
import { put, sendForm } from "./asking";
import { NameField } from "./NameField";
import { refusedWith, useTries } from "./useTries";
import { useSay, useTongue } from "./words";

const WRONG = 422;

interface Props {
  part: Schemas["DoorPart"];
  code: string;
}

/** What somebody outside is asked about somebody: typed here, or sent as the form itself. */
export function Part({ part, code }: Props) {
  const say = useSay();
  const language = useTongue();
  const picker = useRef<HTMLInputElement>(null);
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [name, setName] = useState("");
  const [standing, setStanding] = useState(part.standing);
  const [seen, setSeen] = useState<{ wrong: Schemas["DoorWrong"][]; language: string }>();
  // What was said in another language is not what is read now.
  const wrong = seen?.language === language ? seen.wrong : [];
  const { against, busy, trying } = useTries();

  const take = async (response: Response) => {
    if (!response.ok) return refusedWith(response, response.status === WRONG ? "wanted.how" : "failed");
    const taken: Schemas["PartSent"] = await response.json();
    setSeen({ wrong: taken.wrong, language });
    setStanding(taken.standing);
    return "";
  };
  const send = (event: FormEvent) => {
    event.preventDefault();
    void trying(async () => take(await put("part/answers", { code, name, typed, language })));
  };
  const sendFile = (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    event.target.value = "";
    if (file) void trying(async () => take(await sendForm(file, code, name, language)));
  };
  if (standing !== "open") {
    return (
      <p role="status" className="door-band my-4 font-bold">
        {say(`part.${standing}`)}
      </p>
    );
  }
  const at = (field: string) => wrong.find((one) => one.name === field)?.says ?? "";
  return (
    <form onSubmit={send} className="pb-4" noValidate>
      <h2 className="case text-[1.3rem] leading-tight mb-2">{part.title}</h2>
      <p className="mb-4">{part.says}</p>
      <ApplyPage
        asks={part.asks}
        values={typed}
        wrong={Object.fromEntries(wrong.map((one) => [one.name, one.says]))}
        people={[]}
        onType={(answers) => setTyped((before) => ({ ...before, ...answers }))}
      />
      <NameField label={say("part.name")} name={name} onName={setName} />
      <div role="alert" className="my-3">
        {["name", ""].map(
          (field) =>
            at(field) && (
              <p key={field} className="wrong">
                {at(field)}
              </p>
            ),
        )}
        {against && <p className="wrong">{say(against)}</p>}
      </div>
      <div className="flex flex-wrap gap-3 items-center">
        <button type="submit" className="door-button door-main" disabled={busy}>
          {say("part.send")}
        </button>
        <input
          ref={picker}
          type="file"
          className="sr-only"
          tabIndex={-1}
          accept="image/jpeg,image/png,application/pdf"
          aria-label={say("part.file")}
          onChange={sendFile}
        />
        <button
          type="button"
          className="plain-link py-2"
          disabled={busy}
          onClick={() => picker.current?.click()}
        >
          {say("part.file")}
        </button>
      </div>
    </form>
  );
}
