import { type FormEvent, useState } from "react";
import { Refusal } from "../api/client";
import { putOrThrow } from "./asking";
import { LongText } from "./LongText";
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
    <form onSubmit={send} className="pb-4">
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
