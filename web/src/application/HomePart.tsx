import { useTranslation } from "react-i18next";
import { Asked, AskedText, Choice, YesNo } from "../draft/Choice";
import { RowMark } from "../draft/FieldMark";
import { at, type Packet } from "../draft/packet";
import type { DraftHandle } from "../draft/useDraft";
import { fact, spoken, vocabulary } from "../i18n/words";
import { AddressFields } from "./AddressFields";
import { None } from "./None";

const BENEFITS = vocabulary<NonNullable<Packet["household"]["benefits"]>[number]>("benefit");
const HOME = "/household/address";
const MAILING = `${HOME}/mailing`;

/** Where the household lives and where its letters go, what it receives, and how it is paid. */
export function HomePart({ handle }: { handle: DraftHandle }) {
  const { t } = useTranslation();
  const packet = handle.draft.packet;
  const benefits = packet.household.benefits ?? [];
  const elsewhere = at(packet, MAILING) !== undefined;
  return (
    <section className="flex flex-col gap-5">
      <div>
        <AddressFields handle={handle} place={HOME} home />
        <RowMark handle={handle} pointer={HOME} />
      </div>
      <div className="flex flex-wrap gap-6 items-end">
        <Asked label={fact("address.noFixedAddress")}>
          <YesNo handle={handle} pointer={`${HOME}/noFixedAddress`} label={fact("address.noFixedAddress")} />
        </Asked>
        {at(packet, `${HOME}/noFixedAddress`) === true && (
          <Asked label={fact("address.tiesToDistrict")}>
            <YesNo
              handle={handle}
              pointer={`${HOME}/tiesToDistrict`}
              label={fact("address.tiesToDistrict")}
            />
          </Asked>
        )}
        <Asked label={fact("address.hidden")}>
          <YesNo handle={handle} pointer={`${HOME}/hidden`} label={fact("address.hidden")} />
        </Asked>
        <label className="flex items-center gap-2 min-h-9">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={elsewhere}
            onChange={(event) => handle.set(MAILING, event.target.checked ? {} : undefined)}
          />
          {fact("address.mailing")}
        </label>
      </div>
      {at(packet, `${HOME}/hidden`) === true && <p className="soft">{t("app.hiddenNote")}</p>}
      {elsewhere && <AddressFields handle={handle} place={MAILING} label={t("app.mailingTo")} />}
      <fieldset>
        <legend className="soft small">{fact("benefits")}</legend>
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
            {spoken(benefit, "benefit")}
          </label>
        ))}
        {benefits.length === 0 && <None handle={handle} list="benefits" words={t("app.noBenefits")} />}
        <RowMark handle={handle} pointer="/household/benefits" />
      </fieldset>
      <div className="flex flex-wrap gap-4">
        <Asked label={fact("payment.method")}>
          <Choice
            handle={handle}
            pointer="/household/payment/method"
            label={fact("payment.method")}
            of="paymentMethod"
            options={["transfer", "cheque"]}
            className="w-40"
          />
        </Asked>
        {at(packet, "/household/payment/method") === "transfer" && (
          <>
            <AskedText handle={handle} pointer="/household/payment/iban" label="IBAN" />
            <AskedText handle={handle} pointer="/household/payment/holder" label={fact("payment.holder")} />
          </>
        )}
        <div className="basis-full" />
        <RowMark handle={handle} pointer="/household/payment" />
      </div>
    </section>
  );
}
