import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, done, type Schemas } from "../api/client";
import { Against } from "./Against";
import { put } from "./asking";
import { MayAsk } from "./MayAsk";
import { NameField } from "./NameField";
import { Read } from "./Read";
import { Telling } from "./Telling";
import { useTries } from "./useTries";
import { useSay, useTongue } from "./words";

/** What another of the household lodged, to be read and signed by who was asked to, or told to be wrong. */
export function Cosign({ onOver }: { onOver: () => void }) {
  const say = useSay();
  const language = useTongue();
  const [name, setName] = useState("");
  const [otherName, setOtherName] = useState("");
  const [allowed, setAllowed] = useState<string[]>([]);
  const { against, setAgainst, busy, trying } = useTries();
  const read = useQuery({
    queryKey: ["door", "signing", language],
    queryFn: () => done(api.GET("/api/door/signing", { params: { query: { language } } })),
    gcTime: 0,
    retry: false,
    placeholderData: (before) => before,
  });
  const sign = (event: FormEvent) => {
    event.preventDefault();
    setOtherName("");
    void trying(async () => {
      const response = await put("signing", { name, language, allows: allowed });
      if (response.status === 401) onOver();
      if (!response.ok) return "failed";
      const signed: Schemas["SignedLater"] = await response.json();
      setOtherName(signed.otherName);
      if (!signed.otherName) await read.refetch();
      return "";
    });
  };
  if (!read.data) {
    return read.isError ? (
      <p role="alert" className="mt-4 wrong">
        {say("offline")}
      </p>
    ) : null;
  }
  if (read.data.signed) {
    return (
      <p role="status" className="door-band my-6 font-bold">
        {say("signer.done")}
      </p>
    );
  }
  return (
    <article className="mt-3">
      <p className="soft">{read.data.asks}</p>
      <h1 className="case text-[1.5rem] leading-tight mb-2">{say("signer.title")}</h1>
      <p className="soft">{say("told.home")}</p>
      <Read title={say("signer.told")} sections={read.data.sections} statements={read.data.statements} />
      <form onSubmit={sign}>
        <MayAsk mayAsk={read.data.mayAsk} allowed={allowed} onAllowed={setAllowed} />
        <NameField
          label={`${say("sign.name")} (${read.data.name})`}
          name={name}
          onName={(typed) => {
            setName(typed);
            setAgainst("");
          }}
        />
        <p role="alert" className={otherName ? "wrong my-3" : "my-3"}>
          {otherName}
        </p>
        <Against says={against && say(against)} />
        <button type="submit" className="door-button door-main" disabled={busy}>
          {say("signer.sign")}
        </button>
      </form>
      <details className="door-more mt-6">
        <summary>{say("signer.amiss")}</summary>
        <Telling
          path="signing/otherwise"
          asks={say("signer.amissText")}
          sends={say("messages.send")}
          sent={say("signer.amissSent")}
          onSent={() => undefined}
        />
      </details>
    </article>
  );
}
