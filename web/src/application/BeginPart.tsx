import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { Asked, Choice } from "../draft/Choice";
import type { DraftHandle } from "../draft/useDraft";
import { spoken, vocabulary } from "../i18n/words";
import { AboutService } from "./AboutService";
import { Acting } from "./Acting";
import { Applicant } from "./Applicant";
import { KnownHouseholds } from "./KnownHouseholds";
import { Outside } from "./Outside";
import { Reached } from "./Reached";
import { Registers } from "./Registers";
import { ServiceChoice } from "./ServiceChoice";

const CHANNELS = vocabulary("channel");
const LANGUAGES = vocabulary("language");

interface Props {
  handle: DraftHandle;
  id: string;
  offers: Schemas["Offer"][];
  today: string;
}

/** Before the questions: what is asked for, what it is, who acts, and whom the household allows to be asked. */
export function BeginPart({ handle, id, offers, today }: Props) {
  const { t } = useTranslation();
  const requests = handle.draft.packet.requests;
  return (
    <section className="flex flex-col gap-7 max-w-3xl">
      <div>
        <ServiceChoice handle={handle} offers={offers} />
        {requests.map((request) => (
          <AboutService
            key={request.service}
            offer={offers.find((offer) => offer.service === request.service)}
            service={request.service}
            open={requests.length === 1}
          />
        ))}
      </div>
      <div>
        <h2 className="head">{t("app.whoApplies")}</h2>
        <Applicant handle={handle} today={today} />
        <KnownHouseholds handle={handle} id={id} />
      </div>
      <div className="flex flex-wrap gap-6">
        <Asked label={t("app.channel")}>
          <Choice
            handle={handle}
            pointer="/channel"
            label={t("app.channel")}
            of="channel"
            options={CHANNELS}
            className="w-40"
          />
        </Asked>
        <Asked label={t("app.language")}>
          <Choice
            handle={handle}
            pointer="/language"
            label={t("app.language")}
            of="language"
            options={LANGUAGES}
            className="w-40"
          />
        </Asked>
        <Reached handle={handle} today={today} />
      </div>
      <Outside handle={handle} today={today} />
      <Acting handle={handle} today={today} />
      <Registers handle={handle} id={id} today={today} />
      {requests.length > 0 && (
        <p className="small soft">
          {t("app.offlineForm")}{" "}
          {requests.map((request) => (
            <a
              key={request.service}
              className="plain-link mr-3"
              href={`/api/applications/${id}/forms/${request.service}`}
            >
              {offers.find((offer) => offer.service === request.service)?.title ?? spoken(request.service)}
            </a>
          ))}
        </p>
      )}
    </section>
  );
}
