import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { withoutEntry } from "../draft/entries";
import type { DraftHandle } from "../draft/useDraft";
import { Pick } from "../parts/Pick";

interface Props {
  handle: DraftHandle;
  offers: Schemas["Offer"][];
}

/** What the household asks for: services are added and taken off at any moment. */
export function ServiceChoice({ handle, offers }: Props) {
  const { t } = useTranslation();
  const requests = handle.draft.packet.requests;
  const free = offers.filter((offer) => !requests.some((request) => request.service === offer.service));
  return (
    <div className="flex items-center gap-3 mb-3 flex-wrap">
      <label htmlFor="add-service">{t("app.services")}</label>
      <Pick
        key={requests.length}
        id="add-service"
        label={t("app.services")}
        className="w-64"
        placeholder={t("app.addService")}
        options={free.map((offer) => ({ id: offer.service, words: offer.title }))}
        onPick={(service) => {
          if (service) handle.set(`/requests/${requests.length}`, { service, answers: {} });
          requestAnimationFrame(() => document.getElementById("add-service")?.focus());
        }}
        onEnter={(event) => event.preventDefault()}
      />
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
    </div>
  );
}
