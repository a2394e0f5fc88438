import { Link, useNavigate } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import type { ApplicationView } from "../api/client";
import { KeyStrip } from "../parts/Keys";

/** What a lodged application became: its receipt and its claims. */
export function Lodged({ view }: { view: ApplicationView }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const receipt = view.letters.find((letter) => letter.kind === "receipt");
  return (
    <>
      <main className="flex-1 p-10">
        <h1 className="case text-[2rem]">{t("app.lodged")}</h1>
        <p className="mt-2">{t("app.lodgedWith", { receipt: view.receipt })}</p>
        <ul className="mt-2">
          {view.claims.map((number) => (
            <li key={number}>
              <Link to="/claims/$number" params={{ number }} className="plain-link case text-lg">
                {number}
              </Link>
            </li>
          ))}
        </ul>
        {receipt && (
          <a
            className="btn btn-primary mt-6"
            href={`/api/letters/${receipt.id}`}
            target="_blank"
            rel="noreferrer"
          >
            {t("app.receipt")}
          </a>
        )}
      </main>
      <KeyStrip keys={[{ key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) }]} />
    </>
  );
}
