import { type ChangeEvent, type FormEvent, useId, useRef, useState } from "react";
import { Refusal, type Schemas } from "../api/client";
import { sendFile } from "./asking";
import { readability } from "./readability";
import { useSay } from "./words";

const MOST_BYTES = 15 * 1024 * 1024;

interface Props {
  claim: string;
  wanted: Schemas["DoorWanted"];
  onChanged: () => void;
}

/** A photo or file for what is wanted: looked at before it is sent, so that nobody sends what can't be read. */
export function PaperSent({ claim, wanted, onChanged }: Props) {
  const say = useSay();
  const id = useId();
  const picker = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File>();
  const [doubt, setDoubt] = useState("");
  const [remark, setRemark] = useState("");
  const [against, setAgainst] = useState("");
  const [busy, setBusy] = useState(false);

  const choose = async (event: ChangeEvent<HTMLInputElement>) => {
    const chosen = event.target.files?.[0];
    setAgainst("");
    setDoubt("");
    if (!chosen) return;
    if (chosen.size > MOST_BYTES) {
      setAgainst(say("wanted.how"));
      return;
    }
    setFile(chosen);
    const found = await readability(chosen);
    setDoubt(found ? say(`wanted.${found}`) : "");
  };
  const send = async (event: FormEvent) => {
    event.preventDefault();
    if (!file) return;
    setBusy(true);
    try {
      await sendFile(claim, wanted.item, file, remark);
      setFile(undefined);
      onChanged();
    } catch (problem) {
      setAgainst(problem instanceof Refusal ? problem.message : say("offline"));
    } finally {
      setBusy(false);
    }
  };
  return (
    <form onSubmit={send} className="my-2">
      <input
        ref={picker}
        id={id}
        type="file"
        className="sr-only"
        tabIndex={-1}
        accept="image/jpeg,image/png,application/pdf"
        aria-label={say("wanted.photo")}
        aria-describedby={`wanted-${claim}-${wanted.item}`}
        onChange={choose}
      />
      {file ? (
        <>
          <p dir="auto" className="break-all">
            {say("wanted.chosen")}: {file.name}
          </p>
          {doubt && (
            <p role="status" className="door-band my-2">
              {doubt}
            </p>
          )}
          <label className="block my-2">
            {say("wanted.remark")}
            <input
              className="door-field"
              dir="auto"
              maxLength={400}
              value={remark}
              onChange={(event) => setRemark(event.target.value)}
            />
          </label>
          <div className="flex flex-wrap gap-3 items-center">
            <button type="submit" className="door-button door-main" disabled={busy}>
              {busy ? say("wanted.sending") : say("wanted.send")}
            </button>
            <button type="button" className="plain-link py-2" onClick={() => picker.current?.click()}>
              {say("wanted.another")}
            </button>
          </div>
        </>
      ) : (
        <button
          type="button"
          className="door-button door-main"
          aria-describedby={`wanted-${claim}-${wanted.item}`}
          onClick={() => picker.current?.click()}
        >
          {say("wanted.photo")}
        </button>
      )}
      <p role="alert" className={against ? "wrong my-2" : ""}>
        {against}
      </p>
    </form>
  );
}
