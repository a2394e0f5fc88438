import { useTranslation } from "react-i18next";
import { spoken } from "../i18n/words";
import { YesNo } from "./Choice";
import { Field } from "./Field";
import { at } from "./packet";
import type { DraftHandle } from "./useDraft";

const BENEFITS = ["livingAllowance", "disabilityAllowance", "housingSubsidy"];

/** Where the household lives, how it may be reached, and what it receives. */
export function HomePart({ handle }: { handle: DraftHandle }) {
  const { t } = useTranslation();
  const packet = handle.draft.packet;
  const contact = "/household/people/0/contact";
  const text = (pointer: string, label: string, className = "w-72") => (
    <label className="flex flex-col gap-0.5">
      <span className="soft small">{label}</span>
      <Field
        handle={handle}
        pointer={pointer}
        label={label}
        shown={String(at(packet, pointer) ?? "")}
        read={(typed) => typed}
        className={className}
      />
    </label>
  );
  const benefits = packet.household.benefits ?? [];
  return (
    <section className="flex flex-col gap-5">
      <div className="flex flex-wrap gap-4">
        {text("/household/address/line1", t("app.line1"), "w-96")}
        {text("/household/address/postcode", t("app.postcode"), "w-28")}
        {text("/household/address/town", t("app.town"), "w-56")}
      </div>
      <div className="flex flex-wrap gap-6 items-end">
        <Asked label={t("app.noFixed")}>
          <YesNo handle={handle} pointer="/household/address/noFixedAddress" label={t("app.noFixed")} />
        </Asked>
        {at(packet, "/household/address/noFixedAddress") === true && (
          <Asked label={t("app.ties")}>
            <YesNo handle={handle} pointer="/household/address/tiesToDistrict" label={t("app.ties")} />
          </Asked>
        )}
      </div>
      <div className="flex flex-wrap gap-4">
        {text(`${contact}/phone`, t("app.phone"), "w-48")}
        {text(`${contact}/email`, t("app.email"))}
        {text(`${contact}/bestTime`, t("app.bestTime"), "w-48")}
      </div>
      <div className="flex flex-wrap gap-6">
        {(["mayCall", "mayText", "mayWrite"] as const).map((key) => (
          <Asked key={key} label={t(`app.${key}`)}>
            <YesNo handle={handle} pointer={`${contact}/${key}`} label={t(`app.${key}`)} />
          </Asked>
        ))}
      </div>
      <fieldset>
        <legend className="soft small">{t("app.benefits")}</legend>
        {BENEFITS.map((benefit) => (
          <label key={benefit} className="mr-6 inline-flex items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={benefits.includes(benefit)}
              onChange={(event) =>
                handle.set(
                  "/household/benefits",
                  event.target.checked ? [...benefits, benefit] : benefits.filter((one) => one !== benefit),
                )
              }
            />
            {spoken(benefit)}
          </label>
        ))}
      </fieldset>
    </section>
  );
}

function Asked({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div className="flex flex-col gap-0.5">
      <span className="soft small">{label}</span>
      {children}
    </div>
  );
}
