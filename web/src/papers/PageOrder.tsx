import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { Dialog } from "../parts/Dialog";
import { useTrying } from "../parts/useTrying";
import { KindOfPaper } from "./KindOfPaper";
import { OneOf } from "./OneOf";

const QUARTER = 90;

interface Placed {
  page: number;
  turn: number;
}

interface Props {
  claim: ClaimView;
  paper: Schemas["PaperView"];
  /** Papers that nobody has read either, whose pages may come behind. */
  others: Schemas["PaperView"][];
  people: [string, string][];
  onDone: (papers: Schemas["Papers"]) => void;
  onClose: () => void;
}

/** The pages of a paper nobody has read: in another order, turned, taken out as a paper of their own, or joined to it. */
export function PageOrder({ claim, paper, others, people, onDone, onClose }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const turns = paper.picture?.turns ?? [];
  const version = paper.picture?.version ?? 0;
  const [order, setOrder] = useState<Placed[]>(turns.map((_, page) => ({ page, turn: 0 })));
  const [out, setOut] = useState<number[]>([]);
  const [kind, setKind] = useState("");
  const [person, setPerson] = useState("");
  const [other, setOther] = useState("");
  const path = { params: { path: { number: claim.number, id: paper.id } } };
  const move = (at: number, by: number) => {
    const next = [...order];
    const [taken] = next.splice(at, 1);
    if (taken) next.splice(at + by, 0, taken);
    setOrder(next);
  };
  const turn = (at: number) =>
    setOrder(order.map((one, i) => (i === at ? { ...one, turn: (one.turn + QUARTER) % 360 } : one)));
  const changed = order.some((one, i) => one.page !== i || one.turn !== 0);
  const arrange = () =>
    attempt(async () =>
      onDone(
        await done(
          api.POST("/api/claims/{number}/papers/{id}/pages", { ...path, body: { version, pages: order } }),
        ),
      ),
    );
  const takeOut = () =>
    attempt(async () =>
      onDone(
        await done(
          api.POST("/api/claims/{number}/papers/{id}/taken-out", {
            ...path,
            body: { version, pages: out, kind, person: person || undefined },
          }),
        ),
      ),
    );
  const joined = others.find((one) => one.id === other);
  const join = () =>
    attempt(async () =>
      onDone(
        await done(
          api.POST("/api/claims/{number}/papers/{id}/joined", {
            ...path,
            body: { version, other, otherVersion: joined?.picture?.version ?? 0 },
          }),
        ),
      ),
    );
  return (
    <Dialog title={t("pages.title", { kind: paper.words })} onClose={onClose} className="max-w-5xl">
      <ol className="flex flex-wrap gap-4">
        {order.map((one, at) => (
          <li key={one.page} className="w-36">
            <span className="flex items-center justify-center h-36 bg-base-200 overflow-hidden">
              <img
                src={`/api/papers/${paper.id}/small/${one.page}`}
                alt={t("pages.page", { page: one.page + 1 })}
                className="max-w-32 max-h-32 bg-white"
                style={{ transform: `rotate(${(turns[one.page] ?? 0) + one.turn}deg)` }}
              />
            </span>
            {order.length > 1 ? (
              <label className="flex gap-2 items-center mt-1">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  aria-label={t("pages.takePage", { page: one.page + 1 })}
                  checked={out.includes(one.page)}
                  onChange={(event) =>
                    setOut(
                      event.target.checked ? [...out, one.page] : out.filter((page) => page !== one.page),
                    )
                  }
                />
                {t("pages.page", { page: one.page + 1 })}
              </label>
            ) : (
              t("pages.page", { page: one.page + 1 })
            )}
            <span className="flex gap-2 small">
              {order.length > 1 && (
                <>
                  <button
                    type="button"
                    className="plain-link"
                    disabled={at === 0}
                    aria-label={t("pages.earlierOf", { page: one.page + 1 })}
                    onClick={() => move(at, -1)}
                  >
                    {t("pages.earlier")}
                  </button>
                  <button
                    type="button"
                    className="plain-link"
                    disabled={at === order.length - 1}
                    aria-label={t("pages.laterOf", { page: one.page + 1 })}
                    onClick={() => move(at, 1)}
                  >
                    {t("pages.later")}
                  </button>
                </>
              )}
              <button
                type="button"
                className="plain-link"
                aria-label={t("pages.turnOf", { page: one.page + 1 })}
                onClick={() => turn(at)}
              >
                {t("paper.turn")}
              </button>
            </span>
          </li>
        ))}
      </ol>
      <p className="mt-4">
        <button type="button" className="btn btn-sm btn-primary" disabled={!changed} onClick={arrange}>
          {t("pages.keep")}
        </button>
      </p>
      {order.length > 1 && (
        <fieldset className="border-t border-base-300 mt-4 pt-3 flex flex-wrap gap-3 items-end">
          <legend className="sr-only">{t("pages.out")}</legend>
          <KindOfPaper label={t("pages.outAs")} kind={kind} onKind={setKind} />
          <OneOf
            label={t("paper.whose")}
            none={t("paper.nobodys")}
            value={person}
            options={people}
            onValue={setPerson}
          />
          <button
            type="button"
            className="btn btn-sm"
            disabled={out.length === 0 || out.length === order.length || !kind}
            onClick={takeOut}
          >
            {t("pages.takeOut", { count: out.length })}
          </button>
        </fieldset>
      )}
      {others.length > 0 && (
        <div className="border-t border-base-300 mt-4 pt-3 flex flex-wrap gap-3 items-end">
          <OneOf
            label={t("pages.joinWith")}
            none={t("app.choose")}
            value={other}
            options={others.map((one) => [one.id, [one.words, one.picture?.name].filter(Boolean).join(", ")])}
            onValue={setOther}
          />
          <button type="button" className="btn btn-sm" disabled={!other} onClick={join}>
            {t("pages.join")}
          </button>
        </div>
      )}
      <p role="alert" className="wrong mt-2">
        {refusal}
      </p>
    </Dialog>
  );
}
