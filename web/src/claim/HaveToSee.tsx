import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useTrying } from "../parts/useTrying";

/** Where a claim is not there, or not theirs to see: who has to see it all the same says why, which is kept. */
export function HaveToSee({ number, onSeen }: { number: string; onSeen: () => void }) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const [attempt, refusal] = useTrying();
  const see = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const because = String(new FormData(event.currentTarget).get("because"));
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/seen-all-the-same", {
          params: { path: { number } },
          body: { because },
        }),
      );
      onSeen();
    });
  };
  if (!open) {
    return (
      <button type="button" className="plain-link mt-3" onClick={() => setOpen(true)}>
        {t("restricted.haveTo")}
      </button>
    );
  }
  return (
    <form onSubmit={see} className="flex flex-wrap gap-3 items-end mt-3">
      <label className="flex flex-col small">
        {t("restricted.haveToWhy")}
        <input name="because" className="input input-sm w-96 max-w-full" required />
      </label>
      <button type="submit" className="btn btn-sm">
        {t("restricted.see")}
      </button>
      <p role="alert" className="wrong small">
        {refusal}
      </p>
    </form>
  );
}
