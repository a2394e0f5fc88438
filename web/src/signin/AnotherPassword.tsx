import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useTrying } from "../parts/useTrying";

/** Sets another password for oneself. */
export function AnotherPassword({ onTaken }: { onTaken: () => void }) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [seen, setSeen] = useState(false);
  const [taken, setTaken] = useState(false);
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const typed = new FormData(form);
    const word = (name: string) => String(typed.get(name) ?? "");
    setTaken(false);
    attempt(async () => {
      if (word("another") !== word("again")) throw new Error(t("ownSignIn.differ"));
      await done(
        api.POST("/api/own-sign-in/password", { body: { now: word("now"), another: word("another") } }),
      );
      form.reset();
      setTaken(true);
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
        required
      />
    </label>
  );
  return (
    <form onSubmit={submit}>
      {field("now", t("ownSignIn.now"), "current-password")}
      {field("another", t("ownSignIn.another"), "new-password")}
      <p className="soft small mb-3 max-w-md">{t("ownSignIn.rule")}</p>
      {field("again", t("ownSignIn.again"), "new-password")}
      <label className="flex items-center gap-3 min-h-8 mb-2">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={seen}
          onChange={(event) => setSeen(event.target.checked)}
        />
        {t("ownSignIn.see")}
      </label>
      <button type="submit" className="btn btn-primary">
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
