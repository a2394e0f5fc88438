import { type FormEvent, useState } from "react";
import { Against } from "./Against";
import { put } from "./asking";
import { CodeStep } from "./CodeStep";
import { refusedWith, useTries } from "./useTries";
import { useSay } from "./words";

/** A number of a claim, its check digit aside. */
const NUMBER = /^\s*BW-\d{2}-\d{6,9}-\d\s*$/i;

interface Props {
  onEntered: () => Promise<unknown>;
}

/** The way in: the number of a claim, then the code that went to the household's own contact. */
export function Entry({ onEntered }: Props) {
  const say = useSay();
  const [number, setNumber] = useState("");
  const [sent, setSent] = useState(false);
  const { against, setAgainst, busy, trying } = useTries();

  const ask = (event: FormEvent) => {
    event.preventDefault();
    if (!NUMBER.test(number)) {
      setAgainst("entry.notNumber");
      return;
    }
    void trying(async () => {
      const response = await put("code", { number });
      if (!response.ok) return refusedWith(response, "failed");
      setSent(true);
      return "";
    });
  };
  const enter = (code: string) => {
    void trying(async () => {
      const response = await put("entry", { number, code });
      if (!response.ok) return refusedWith(response, "entry.wrong");
      await onEntered();
      return "";
    });
  };

  return (
    <section>
      <h1 className="case text-[1.6rem] leading-tight mt-3 mb-2">{say("entry.title")}</h1>
      <p className="door-band my-4">{say("urgent")}</p>
      {sent ? (
        <>
          <CodeStep
            sent={say("entry.sent")}
            back={say("entry.other")}
            against={against}
            busy={busy}
            onEnter={enter}
            onBack={() => {
              setSent(false);
              setAgainst("");
            }}
          />
          <p className="soft mt-1">{say("entry.none")}</p>
        </>
      ) : (
        <form onSubmit={ask} noValidate>
          <label className="block">
            {say("entry.number")}
            <input
              className="door-field case"
              dir="ltr"
              autoComplete="off"
              autoCapitalize="characters"
              spellCheck={false}
              maxLength={20}
              aria-describedby="where"
              value={number}
              onChange={(event) => setNumber(event.target.value)}
            />
          </label>
          <p id="where" className="soft mt-1 mb-4">
            {say("entry.numberWhere")}{" "}
            <span dir="ltr" className="case whitespace-nowrap">
              BW-26-004217-1
            </span>
          </p>
          <Against says={against && say(against)} />
          <button type="submit" className="door-button door-main" disabled={busy}>
            {say("entry.send")}
          </button>
        </form>
      )}
    </section>
  );
}
