import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useTrying } from "../parts/useTrying";
import { Seen } from "./Seen";
import { Strength } from "./Strength";

interface Props {
  newcomer: boolean;
  onTaken: () => void;
}

/** Sets another password for oneself; who came in with one that somebody else chose signs in anew. */
export function AnotherPassword({ newcomer, onTaken }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [seen, setSeen] = useState(false);
  const [taken, setTaken] = useState(false);
  const [typed, setTyped] = useState("");
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const fields = new FormData(form);
    const word = (name: string) => String(fields.get(name) ?? "");
    setTaken(false);
    attempt(async () => {
      if (word("another") !== word("again")) throw new Error(t("ownSignIn.differ"));
      await done(
        api.POST("/api/own-sign-in/password", { body: { now: word("now"), another: word("another") } }),
      );
      form.reset();
      setTyped("");
      setTaken(!newcomer);
      onTaken();
    });
  };
  const field = (name: string, says: string, kind: string) => (
    <label className="flex flex-col gap-0.5 mb-3">
      <span className="soft small">{says}</span>
      <input
        name={name}
        type={seen ? "text" : "password"}
        autoComplete={kind}
        className="input w-80"
        onChange={name === "another" ? (event) => setTyped(event.target.value) : undefined}
        required
      />
    </label>
  );
  return (
    <form onSubmit={submit}>
      {newcomer && <p className="mb-3 max-w-md">{t("ownSignIn.newcomer")}</p>}
      {field("now", t("ownSignIn.now"), "current-password")}
      {field("another", t("ownSignIn.another"), "new-password")}
      <p className="soft small mb-1 max-w-md">{t("ownSignIn.rule")}</p>
      <Strength password={typed} />
      {field("again", t("ownSignIn.again"), "new-password")}
      <Seen seen={seen} onSeen={setSeen} />
      <button type="submit" className="btn btn-primary mt-2">
        {t("ownSignIn.take")}
      </button>
      <p role="alert" className="wrong mt-2">
        {refusal}
      </p>
      {taken && (
        <p role="status" className="mt-2">
          {t("ownSignIn.taken")}
        </p>
      )}
    </form>
  );
}
