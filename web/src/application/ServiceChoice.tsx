import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { withoutEntry } from "../draft/entries";
import type { DraftHandle } from "../draft/useDraft";

interface Props {
  handle: DraftHandle;
  offers: Schemas["Offer"][];
}

/** What the household asks for: services are added and taken off at any moment. */
export function ServiceChoice({ handle, offers }: Props) {
  const { t } = useTranslation();
  const requests = handle.draft.packet.requests;
  const [choice, setChoice] = useState("");
  const free = offers.filter((offer) => !requests.some((request) => request.service === offer.service));
  return (
    <form
      className="flex items-center gap-3 mb-3 flex-wrap"
      onSubmit={(event) => {
        event.preventDefault();
        if (choice) handle.set(`/requests/${requests.length}`, { service: choice, answers: {} });
        setChoice("");
        requestAnimationFrame(() => document.getElementById("add-service")?.focus());
      }}
    >
      <label htmlFor="add-service">{t("app.services")}</label>
      <select
        className="select w-64"
        id="add-service"
        key={requests.length}
        value={choice}
        onChange={(event) => setChoice(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            event.preventDefault();
            event.currentTarget.form?.requestSubmit();
          }
        }}
      >
        <option value="">{t("app.addService")}</option>
        {free.map((offer) => (
          <option key={offer.service} value={offer.service}>
            {offer.title}
          </option>
        ))}
      </select>
      <button type="submit" className="btn btn-sm" disabled={!choice}>
        {t("app.add")}
      </button>
      {requests.map((request, i) => {
        const title = offers.find((offer) => offer.service === request.service)?.title ?? request.service;
        return (
          <span key={request.service} className="border-b-2 border-primary">
            <span className="case">{title}</span>{" "}
            <button
              type="button"
              tabIndex={-1}
              className="soft cursor-pointer"
              aria-label={t("app.remove", { what: title })}
              onClick={() => handle.change((draft) => withoutEntry(draft, "/requests", i))}
            >
              ×
            </button>
          </span>
        );
      })}
    </form>
  );
}
