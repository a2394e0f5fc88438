import { useQuery } from "@tanstack/react-query";
import { type FormEvent, type ReactNode, useState } from "react";
import { api, done, type Schemas } from "../api/client";
import { Against } from "./Against";
import { put } from "./asking";
import { MayAsk } from "./MayAsk";
import { NameField } from "./NameField";
import { Read } from "./Read";
import { useTries } from "./useTries";
import { useSay, useTongue } from "./words";

/** Whoever was let in to apply is let in to where it stands, once it is lodged. */
const LODGED_BEFORE = 403;

interface Props {
  version: () => number;
  settle: () => Promise<boolean>;
  onGoTo: (page: number, wrong: Schemas["DoorWrong"][]) => void;
  /** Whether they are let in to where it stands. */
  onLodged: () => Promise<boolean>;
  /** Whether a photo is chosen that is not sent yet: nobody is to think that it goes along. */
  isUnsent: boolean;
  /** What can be sent and asked for before it is signed. */
  children: ReactNode;
}

/** Everything that was told, what is stated by signing, the name; asked once more, then it is lodged. */
export function SignPage({ version, settle, onGoTo, onLodged, isUnsent, children }: Props) {
  const say = useSay();
  const language = useTongue();
  const [name, setName] = useState("");
  const [allowed, setAllowed] = useState<string[]>([]);
  const [sure, setSure] = useState(false);
  const [wrong, setWrong] = useState<Schemas["DoorWrong"][]>([]);
  const { against, setAgainst, busy, trying } = useTries();
  const told = useQuery({
    queryKey: ["door", "application", "told", language],
    queryFn: () => done(api.GET("/api/door/application/told", { params: { query: { language } } })),
    gcTime: 0,
  });
  const ask = (event: FormEvent) => {
    event.preventDefault();
    setWrong([]);
    setAgainst(isUnsent ? "early.unsent" : "");
    setSure(!isUnsent);
  };
  const lodge = () =>
    trying(async () => {
      setSure(false);
      if (!(await settle())) return "offline";
      const response = await put("application/lodge", {
        version: version(),
        language,
        name,
        allows: allowed,
      });
      if (response.status === LODGED_BEFORE) {
        // An answer was lost on the way: it is in, and they are let in to where it stands.
        return (await onLodged()) ? "" : "failed";
      }
      if (!response.ok) return "failed";
      const lodged: Schemas["DoorLodged"] = await response.json();
      if (lodged.lodged) await onLodged();
      else setWrong(lodged.wrong);
      return "";
    });
  return (
    <>
      {told.isError && (
        <p role="alert" className="wrong">
          {say("offline")}
        </p>
      )}
      <Read
        title={say("sign.told")}
        sections={told.data?.sections ?? []}
        statements={told.data?.statements ?? []}
      />
      {children}
      <form onSubmit={ask}>
        {told.data && <MayAsk mayAsk={told.data.mayAsk} allowed={allowed} onAllowed={setAllowed} />}
        <NameField
          label={say("sign.name")}
          name={name}
          onName={(typed) => {
            setName(typed);
            setSure(false);
          }}
        />
        <div role="alert" className="my-3">
          {wrong.length > 0 && <p className="wrong">{say("wrong.title")}</p>}
          {wrong.map((one) => (
            <p key={one.name + one.says} className="py-1">
              {one.page < 0 ? (
                one.says
              ) : (
                <button
                  type="button"
                  className="plain-link text-start"
                  onClick={() => onGoTo(one.page, wrong)}
                >
                  {one.says}
                </button>
              )}
            </p>
          ))}
        </div>
        <Against says={against && say(against)} />
        {sure ? (
          <fieldset className="door-band">
            <legend className="sr-only">{say("sign.sure")}</legend>
            <p className="mb-3 font-bold">{say("sign.sure")}</p>
            <div className="flex flex-wrap gap-3">
              <button
                type="button"
                className="door-button door-main"
                // biome-ignore lint/a11y/noAutofocus: it is what was asked for, once more.
                autoFocus
                disabled={busy}
                onClick={lodge}
              >
                {say("sign.yes")}
              </button>
              <button type="button" className="door-button" onClick={() => setSure(false)}>
                {say("cancel")}
              </button>
            </div>
          </fieldset>
        ) : (
          <button type="submit" className="door-button door-main" disabled={busy}>
            {say("sign.lodge")}
          </button>
        )}
      </form>
    </>
  );
}
