import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { useSession } from "../api/session";
import { KindOfPaper } from "../papers/KindOfPaper";
import { Key } from "../parts/Keys";
import { useTrying } from "../parts/useTrying";
import { pagesTyped } from "./pagesTyped";

interface Props {
  piece: Schemas["TrayPiece"];
  onDone: (pieces: Schemas["TrayPiece"][]) => void;
}

/** Files pages of a piece with a claim, whose household is seen before; what is not for this office is put aside. */
export function PostFiling({ piece, onDone }: Props) {
  const { t } = useTranslation();
  const session = useSession();
  const [attempt, refusal] = useTrying();
  const [claim, setClaim] = useState("");
  const [sought, setSought] = useState("");
  const [kind, setKind] = useState("other");
  const [typed, setTyped] = useState("");
  const pages = pagesTyped(typed, piece.pages);
  const found = useQuery({
    queryKey: ["claim", sought],
    queryFn: () => done(api.GET("/api/claims/{number}", { params: { path: { number: sought } } })),
    enabled: sought !== "",
    retry: false,
  });
  const path = { params: { path: { id: piece.id } } };
  const file = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    if (!pages) return;
    attempt(async () =>
      onDone(
        await done(
          api.POST("/api/tray/{id}/filed", {
            ...path,
            body: { version: piece.version, claim: claim.trim(), pages, kind },
          }),
        ),
      ),
    );
  };
  const aside = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const because = String(new FormData(event.currentTarget).get("because"));
    attempt(async () =>
      onDone(
        await done(
          api.POST("/api/tray/{id}/set-aside", { ...path, body: { version: piece.version, because } }),
        ),
      ),
    );
  };
  return (
    <>
      <form onSubmit={file} className="flex flex-col gap-3">
        <h2 className="head">{t("tray.filing")}</h2>
        <label className="flex flex-col small">
          {t("tray.claim")}
          <input
            className="input case"
            placeholder="BW-26-004217-5"
            value={claim}
            onChange={(event) => setClaim(event.target.value)}
            onBlur={() => setSought(claim.trim())}
            required
          />
        </label>
        {sought && found.data && (
          <p className="small">
            <span className="case">{found.data.householdName}</span>, {found.data.title}
          </p>
        )}
        {sought && found.isError && (
          <p role="alert" className="wrong small">
            {found.error.message}
          </p>
        )}
        <KindOfPaper label={t("paper.kind")} kind={kind} onKind={setKind} />
        {piece.pages > 1 && (
          <label className="flex flex-col small">
            {t("tray.which", { pages: piece.pages })}
            <input
              className={`input case ${pages ? "" : "input-error"}`}
              aria-invalid={!pages}
              placeholder={t("tray.all")}
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
            />
            {!pages && <span className="wrong">{t("app.unread", { expected: "1-3, 5" })}</span>}
          </label>
        )}
        <p role="alert" className="wrong">
          {refusal}
        </p>
        <button type="submit" id="file-post" className="btn btn-primary self-start">
          {t("tray.file")} <Key of="Alt+A" />
        </button>
      </form>
      {session?.role !== "front desk" && (
        <form onSubmit={aside} className="flex flex-col gap-2 mt-6">
          <h2 className="head">{t("tray.notOurs")}</h2>
          <label className="flex flex-col small">
            {t("tray.because")}
            <input name="because" className="input" placeholder={t("tray.advertising")} required />
          </label>
          <button type="submit" className="btn btn-sm self-start">
            {t("tray.aside")}
          </button>
        </form>
      )}
    </>
  );
}
