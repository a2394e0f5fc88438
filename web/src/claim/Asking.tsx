import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { dateWords, readDate } from "../draft/typing";
import { DayPlace } from "../parts/DayPlace";
import { Dialog } from "../parts/Dialog";
import { fullDay, shortDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

interface Props {
  claim: ClaimView;
  today: string;
  onClose: () => void;
  onChanged: () => void;
}

/** Asks the household in one letter for what it is to bring: what, what would settle it, until when; read before it goes. */
export function Asking({ claim, today, onClose, onChanged }: Props) {
  const { t } = useTranslation();
  const path = { params: { path: { number: claim.number } } };
  const correction = useQuery({
    queryKey: ["claim", claim.number, "correction", claim.version],
    queryFn: () => done(api.GET("/api/claims/{number}/correction", path)),
  });
  const title = t("asking.title", { name: claim.householdName });
  return (
    <Dialog title={title} onClose={onClose} className="max-w-6xl h-[92vh]">
      {correction.isError && (
        <p role="alert" className="wrong">
          {correction.error.message}
        </p>
      )}
      {correction.data &&
        (correction.data.items.length > 0 ? (
          <Letter {...{ claim, today, onClose, onChanged }} correction={correction.data} />
        ) : (
          <p>{t("asking.nothing")}</p>
        ))}
    </Dialog>
  );
}

function Letter({
  claim,
  today,
  onClose,
  onChanged,
  correction,
}: Props & { correction: Schemas["CorrectionView"] }) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const path = { params: { path: { number: claim.number } } };
  const [left, setLeft] = useState<number[]>([]);
  const [settles, setSettles] = useState<Record<number, string>>({});
  const [until, setUntil] = useState(dateWords(correction.until));
  const [shown, setShown] = useState("");
  const day = readDate(until, today);
  const asked = correction.items.filter((item) => !left.includes(item.id));
  const body = {
    version: claim.version,
    items: asked.map((item) => ({ item: item.id, settles: settles[item.id] ?? "" })),
    until: day ?? "",
  };
  const fits = Boolean(day) && asked.length > 0;
  const show = () =>
    attempt(async () => {
      const pdf = await done(
        api.POST("/api/claims/{number}/correction-preview", { ...path, body, parseAs: "blob" }),
      );
      setShown((before) => {
        if (before) URL.revokeObjectURL(before);
        return URL.createObjectURL(pdf as unknown as Blob);
      });
    });
  // The letter is drawn once when this opens, and then when it is asked for.
  useEffect(() => {
    show();
  }, []);
  const send = () =>
    attempt(async () => {
      await done(api.POST("/api/claims/{number}/correction", { ...path, body }));
      onClose();
      onChanged();
    });
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-6 flex-1 min-h-0 stacks">
      <div className="overflow-y-auto pr-1">
        <ul>
          {correction.items.map((item) => (
            <li key={item.id} className="border-b border-base-300 py-2">
              <label className="flex items-start gap-2">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm mt-0.5"
                  checked={!left.includes(item.id)}
                  onChange={(event) =>
                    setLeft(event.target.checked ? left.filter((one) => one !== item.id) : [...left, item.id])
                  }
                />
                <span>{item.words}</span>
              </label>
              <p className="soft small pl-7">
                {item.askedOn ? t("asking.before", { day: shortDay(item.askedOn) }) : t("asking.never")}
                {item.returned > 0 && ` · ${t("asking.returned", { count: item.returned })}`}
              </p>
              {!left.includes(item.id) && (
                <input
                  className="input input-sm ml-7 mt-1 w-[calc(100%-1.75rem)]"
                  aria-label={t("asking.settlesOf", { what: item.words })}
                  placeholder={t("asking.settles")}
                  value={settles[item.id] ?? ""}
                  onChange={(event) => setSettles({ ...settles, [item.id]: event.target.value })}
                />
              )}
            </li>
          ))}
        </ul>
        <label className="flex flex-col small mt-3 w-48">
          {t("asking.until")}
          <DayPlace today={today}>
            <input
              className={`input input-sm case w-full ${day ? "" : "input-error"}`}
              aria-invalid={!day}
              value={until}
              onChange={(event) => setUntil(event.target.value)}
            />
          </DayPlace>
          {!day && <span className="wrong">{t("app.unread", { expected: "10 12 26" })}</span>}
        </label>
        {correction.sent.length > 0 && (
          <section className="mt-4">
            <h3 className="head">{t("asking.sent")}</h3>
            {correction.sent.map((one) => (
              <p key={one.nr} className="small py-0.5">
                <a
                  className="plain-link"
                  href={`/api/letters/${one.letter}`}
                  target="_blank"
                  rel="noreferrer"
                >
                  {t("asking.letter", { day: fullDay(one.at), count: one.asked })}
                </a>{" "}
                <span className="soft">
                  {t("asking.due", { day: fullDay(one.dueOn), name: one.by })}
                  {one.remindedOn && `, ${t("asking.reminded", { day: fullDay(one.remindedOn) })}`}
                </span>
              </p>
            ))}
          </section>
        )}
        <p role="alert" className="wrong small mt-2">
          {refusal}
        </p>
        <div className="mt-3 flex flex-wrap gap-3">
          <button type="button" className="btn btn-primary" disabled={!fits} onClick={send}>
            {t("asking.send", { count: asked.length })}
          </button>
          <button type="button" className="btn" disabled={!fits} onClick={show}>
            {t("asking.show")}
          </button>
          <button type="button" className="btn" onClick={onClose}>
            {t("claim.cancel")}
          </button>
        </div>
      </div>
      {shown && (
        <iframe
          className="border border-base-300 bg-white w-full h-full min-h-96"
          title={t("claim.letterTitle", { name: claim.householdName })}
          src={`${shown}#toolbar=0`}
        />
      )}
    </div>
  );
}
