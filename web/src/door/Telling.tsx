import { type FormEvent, useRef, useState } from "react";
import { Refusal } from "../api/client";
import { putOrThrow } from "./asking";
import { HereAgain } from "./HereAgain";
import { LongText } from "./LongText";
import { useLaidBy } from "./useLaidBy";
import { useSay } from "./words";

interface Props {
  path: string;
  /** What is asked, said above the place to write. */
  asks: string;
  sends: string;
  sent: string;
  onSent: () => void;
}

/** A place to write something; what was written stays until it has arrived. */
export function Telling({ path, asks, sends, sent, onSent }: Props) {
  const say = useSay();
  const [text, setText] = useState("");
  const [says, setSays] = useState("");
  const [isWrong, setWrong] = useState(false);
  const [busy, setBusy] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  const isAgain = useLaidBy(
    path,
    (left) => {
      setText((before) => before || left.text);
      // What is given back is not to be looked for.
      const around = form.current?.closest("details");
      if (around) around.open = true;
    },
    text,
  );
  const send = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    try {
      await putOrThrow(path, { text });
      setText("");
      setWrong(false);
      setSays(sent);
      onSent();
    } catch (problem) {
      setWrong(true);
      setSays(say(problem instanceof Refusal ? "failed" : "offline"));
    } finally {
      setBusy(false);
    }
  };
  return (
    <form ref={form} onSubmit={send} className="pb-4">
      <HereAgain isAgain={isAgain} />
      <LongText label={asks} text={text} onText={setText} />
      <p role={isWrong ? "alert" : "status"} className={isWrong ? "wrong my-2" : "my-2 font-bold"}>
        {says}
      </p>
      <button type="submit" className="door-button" disabled={busy}>
        {sends}
      </button>
    </form>
  );
}
