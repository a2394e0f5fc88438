import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useTrying } from "../parts/useTrying";

interface Props {
  application: string;
  pointer: string;
  label: string;
}

/** Shows a number whole that a draft keeps; that it was shown is in the log. */
export function ShownNumber({ application, pointer, label }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [number, setNumber] = useState("");
  const show = () =>
    attempt(async () => {
      const there = await done(
        api.POST("/api/applications/{id}/number", {
          params: { path: { id: application } },
          body: { place: pointer },
        }),
      );
      setNumber(there.number);
    });
  return (
    <span className="small block mt-0.5 px-2">
      {number ? (
        <span className="case">{number}</span>
      ) : (
        <button
          type="button"
          className="plain-link"
          aria-label={t("app.showNumberOf", { label })}
          onClick={show}
        >
          {t("app.showNumber")}
        </button>
      )}
      {refusal && (
        <span role="alert" className="wrong block">
          {refusal}
        </span>
      )}
    </span>
  );
}
