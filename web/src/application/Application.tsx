import { useQuery } from "@tanstack/react-query";
import { useParams } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { offersQuery } from "../api/offers";
import { useSession } from "../api/session";
import { knowQuestions } from "../draft/taking";
import { Bar } from "../parts/Bar";
import { DraftScreen } from "./DraftScreen";
import { Lodged } from "./Lodged";

/** An application: the draft while it is taken, the receipt once it is lodged. */
export function Application() {
  const { t } = useTranslation();
  const { id } = useParams({ from: "/applications/$id" });
  const session = useSession();
  const view = useQuery({
    queryKey: ["application", id],
    queryFn: () => done(api.GET("/api/applications/{id}", { params: { path: { id } } })),
    refetchOnWindowFocus: false,
  });
  const offers = useQuery(offersQuery());
  if (offers.data) {
    const known = offers.data;
    knowQuestions((service) => known.find((offer) => offer.service === service)?.questions ?? []);
  }
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      {(view.isPending || offers.isPending) && <p className="soft p-5">{t("app.loading")}</p>}
      {view.isError && (
        <p role="alert" className="wrong p-5">
          {view.error.message}
        </p>
      )}
      {view.data && view.data.state !== "drafting" && <Lodged view={view.data} />}
      {view.data?.state === "drafting" && offers.data && session && (
        <DraftScreen key={id} view={view.data} offers={offers.data} today={session.today} />
      )}
    </div>
  );
}
