import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { useTrying } from "../parts/useTrying";

interface Props {
  view: Schemas["HouseholdView"];
  /** Whether who looks is a senior. */
  senior: boolean;
  onChanged: () => void;
}

/** That only named people see a household, why, and who they are; a senior restricts it and lifts that. */
export function Restricted({ view, senior, onChanged }: Props) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const [attempt, refusal] = useTrying();
  const params = { path: { household: view.id } };
  const lift = () =>
    attempt(async () => {
      await done(api.DELETE("/api/households/{household}/restriction", { params }));
      onChanged();
    });
  const restrict = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    attempt(async () => {
      await done(
        api.POST("/api/households/{household}/restriction", {
          params,
          body: { because: String(form.get("because")), named: form.getAll("named").map(String) },
        }),
      );
      setOpen(false);
      onChanged();
    });
  };
  const restricted = view.restricted;
  return (
    <>
      {restricted && (
        <p className="mt-1">
          <strong>{t("restricted.title")}</strong>{" "}
          {t("restricted.because", { because: restricted.because, name: restricted.setBy })}{" "}
          {restricted.named
            .map((one) =>
              one.because ? t("restricted.hadTo", { name: one.name, because: one.because }) : one.name,
            )
            .join(", ") || t("restricted.seniorsOnly")}
          {senior && (
            <button type="button" className="plain-link ml-3" onClick={lift}>
              {t("restricted.lift")}
            </button>
          )}
        </p>
      )}
      {senior && !open && (
        <button type="button" className="plain-link small mt-1" onClick={() => setOpen(true)}>
          {t(restricted ? "restricted.others" : "restricted.restrict")}
        </button>
      )}
      {open && <Naming onSubmit={restrict} because={restricted?.because} />}
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </>
  );
}

function Naming({
  onSubmit,
  because,
}: {
  onSubmit: (event: FormEvent<HTMLFormElement>) => void;
  because?: string;
}) {
  const { t } = useTranslation();
  const staff = useQuery({ queryKey: ["staff"], queryFn: () => done(api.GET("/api/staff")) });
  return (
    <form onSubmit={onSubmit} className="flex flex-wrap gap-x-6 gap-y-2 items-end mt-2">
      <label className="flex flex-col small">
        {t("restricted.why")}
        <input name="because" className="input input-sm w-72" defaultValue={because} required />
      </label>
      <fieldset className="flex flex-wrap gap-x-4">
        <legend className="small">{t("restricted.who")}</legend>
        {(staff.data ?? [])
          .filter((one) => one.role === "caseworker")
          .map((one) => (
            <label key={one.login} className="inline-flex items-center gap-2 min-h-8">
              <input type="checkbox" className="checkbox checkbox-sm" name="named" value={one.login} />
              {one.name}
            </label>
          ))}
      </fieldset>
      <button type="submit" className="btn btn-sm btn-primary">
        {t("restricted.set")}
      </button>
    </form>
  );
}
