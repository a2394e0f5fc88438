import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate } from "@tanstack/react-router";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { PaperDrop } from "../papers/PaperDrop";
import { PaperPages } from "../papers/PaperPages";
import { sendPost } from "../papers/sending";
import { Bar } from "../parts/Bar";
import { clockTime, fullDay } from "../parts/format";
import { KeyStrip } from "../parts/Keys";
import { PostFiling } from "./PostFiling";

const LOOK_AGAIN = 2_000;

/** The post tray: what came by post and belongs to nobody yet; each page is looked at and filed with its claim. */
export function Tray() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [chosen, setChosen] = useState("");
  const tray = useQuery({
    queryKey: ["tray"],
    queryFn: () => done(api.GET("/api/tray")),
    refetchInterval: (query) =>
      query.state.data?.some((one) => !one.sorted || !one.drawn) ? LOOK_AGAIN : false,
  });
  const pieces = tray.data ?? [];
  const piece = pieces.find((one) => one.id === chosen) ?? pieces[0];
  const set = (fresh: Schemas["TrayPiece"][]) => queries.setQueryData(["tray"], fresh);
  const file = () => document.getElementById("file-post")?.click();
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <main className="panes flex-1 min-h-0 grid grid-cols-[18rem_minmax(0,1fr)_22rem]">
        <section className="overflow-y-auto px-4 py-4 border-r border-base-300" aria-label={t("tray.list")}>
          <h1 className="case text-[1.5rem]">{t("tray.title")}</h1>
          <p className="mb-3">
            <Link to="/post-out" className="plain-link">
              {t("post.title")}
            </Link>
          </p>
          <PaperDrop send={sendPost} onTaken={() => queries.invalidateQueries({ queryKey: ["tray"] })} />
          {tray.isError && (
            <p role="alert" className="wrong mt-3">
              {tray.error.message}
            </p>
          )}
          {tray.data && pieces.length === 0 && <p className="soft mt-4">{t("tray.empty")}</p>}
          <ul className="mt-4">
            {pieces.map((one) => (
              <li key={one.id} className="far border-b border-base-300">
                <button
                  type="button"
                  aria-pressed={piece?.id === one.id}
                  className={`flex gap-3 w-full text-left py-2 pl-2 border-l-3 cursor-pointer ${piece?.id === one.id ? "border-primary bg-base-200" : "border-transparent"}`}
                  onClick={() => setChosen(one.id)}
                >
                  {one.drawn && !one.unreadable ? (
                    <img
                      src={`/api/tray/${one.id}/small/0`}
                      alt=""
                      className="w-9 h-12 object-cover bg-white"
                    />
                  ) : (
                    <span className="w-9 h-12 bg-base-200 shrink-0" />
                  )}
                  <span className="min-w-0">
                    <span className="block break-words">{one.name || t("tray.nameless")}</span>
                    <span className="block small soft">
                      {t("tray.pages", { count: one.pages })}
                      {!one.sorted && `, ${t("tray.sorting")}`}
                      {one.sorted && one.envelopes && `, ${t("tray.envelopes")}`}
                    </span>
                    <span className="block small soft">
                      {fullDay(one.cameAt)}, {clockTime(one.cameAt)}, {one.cameBy}
                    </span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </section>
        <div className="min-w-0 min-h-0 border-r border-base-300">
          {piece ? (
            <PaperPages
              key={`${piece.id}-${piece.version}`}
              at={`/api/tray/${piece.id}`}
              words={piece.name || t("tray.nameless")}
              picture={{ ...piece, turns: [], proposals: [] }}
              marked={false}
              field=""
            />
          ) : (
            <p className="soft p-4">{t("tray.nothing")}</p>
          )}
        </div>
        <section className="overflow-y-auto p-4" aria-label={t("tray.filing")}>
          {piece?.sorted && <PostFiling key={`${piece.id}-${piece.version}`} piece={piece} onDone={set} />}
        </section>
      </main>
      <KeyStrip
        keys={[
          { key: "Alt+A", says: t("tray.file"), act: file },
          { key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) },
        ]}
      />
    </div>
  );
}
