import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { useTrying } from "../parts/useTrying";

interface Props {
  party: Schemas["PartyView"];
  /** With the record as it is now; with nothing where it was left. */
  onDone: (party?: Schemas["PartyView"]) => void;
}

/** What somebody outside said themselves, typed in with how they said it. */
export function ToldByParty({ party, onDone }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const save = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = (name: string) => String(form.get(name) ?? "").trim();
    const part = text("takesPart");
    const lines = { line1: text("line1"), postcode: text("postcode"), town: text("town") };
    attempt(async () =>
      onDone(
        await done(
          api.POST("/api/parties/{id}/told", {
            params: { path: { id: party.id } },
            body: {
              version: party.version,
              name: text("name"),
              takesPart: part === "" ? undefined : part === "true",
              iban: text("iban"),
              phone: text("phone"),
              email: text("email"),
              address: Object.values(lines).some(Boolean) ? lines : undefined,
              how: text("how"),
            },
          }),
        ),
      ),
    );
  };
  const field = (name: string, label: string, value: string | null | undefined, wide = "w-64") => (
    <label className="flex flex-col small">
      {label}
      <input name={name} defaultValue={value ?? ""} className={`input input-sm case ${wide}`} />
    </label>
  );
  return (
    <form onSubmit={save} className="flex flex-wrap gap-3 items-end">
      {field("name", t("party.name"), party.name, "w-80")}
      <label className="flex flex-col small">
        {t("party.takesPart")}
        <select
          name="takesPart"
          className="select select-sm w-52"
          defaultValue={
            party.takesPart === null || party.takesPart === undefined ? "" : String(party.takesPart)
          }
        >
          <option value="">{t("party.part.unsaid")}</option>
          <option value="true">{t("party.part.true")}</option>
          <option value="false">{t("party.part.false")}</option>
        </select>
      </label>
      {field("iban", t("party.account"), party.iban, "w-72")}
      {field("phone", t("party.phone"), party.phone, "w-44")}
      {field("email", t("party.email"), party.email)}
      {field("line1", t("party.street"), party.address?.line1)}
      {field("postcode", t("party.postcode"), party.address?.postcode, "w-28")}
      {field("town", t("party.town"), party.address?.town, "w-44")}
      <label className="flex flex-col small">
        {t("party.toldHow")}
        <input name="how" className="input input-sm w-72" placeholder={t("party.toldExample")} required />
      </label>
      <button type="submit" className="btn btn-sm btn-primary">
        {t("party.save")}
      </button>
      <button type="button" className="btn btn-sm" onClick={() => onDone()}>
        {t("claim.cancel")}
      </button>
      <p role="alert" className="wrong small basis-full">
        {refusal}
      </p>
    </form>
  );
}
