import { useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate } from "@tanstack/react-router";
import { lazy, Suspense, useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { useChoices } from "../api/choices";
import { send } from "../api/client";
import { useSession } from "../api/session";
import { PasswordChanged } from "../signin/PasswordChanged";
import { shortDay } from "./format";

const Found = lazy(async () => ({ default: (await import("./Found")).Found }));

/** How the number of a claim is written. */
const NUMBER = /^[a-z]{2}-\d{2}-\d{6}-\d$/i;

const SEES_LOOKS = ["senior caseworker", "auditor"];
const TAKES_POST = ["front desk", "caseworker", "senior caseworker"];

/** The bar: where one is, the finder, the date and who one is. */
export function Bar() {
  const { t } = useTranslation();
  const session = useSession();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [sought, setSought] = useState("");
  const [looking, setLooking] = useState("");
  const [choices, choose] = useChoices();
  const night = choices.look === "night";
  const size = choices.size ?? "plain";
  useEffect(() => {
    if (session) document.documentElement.dataset.theme = night ? "brack-night" : "brack";
    if (session) document.documentElement.dataset.size = size;
  }, [session, night, size]);
  const signOut = async () => {
    await send("/api/sign-out", "");
    queries.clear();
    navigate({ to: "/sign-in" });
  };
  return (
    <>
      <header className="min-h-12 bg-neutral text-neutral-content flex flex-wrap items-center gap-x-6 px-5 shrink-0">
        <Link to="/" className="case text-[1.35rem] tracking-tight">
          civi<span className="text-[#7CCBB7]">tane</span>
        </Link>
        {session?.demo && (
          <span className="small text-[#a5b3ae] -ml-4" title={t("bar.demoMeans")}>
            {t("bar.demo")}
          </span>
        )}
        {session?.newcomer ? (
          <span className="ml-auto" />
        ) : (
          <>
            <nav aria-label={t("bar.main")}>
              <Link to="/" className="mr-5">
                {t("bar.desk")}
              </Link>
              {session?.role === "front desk" && (
                <Link to="/counter" className="mr-5">
                  {t("bar.counter")}
                </Link>
              )}
              <Link to="/outside" className="mr-5">
                {t("bar.outside")}
              </Link>
              {session?.role && TAKES_POST.includes(session.role) && (
                <Link to="/tray" className="mr-5">
                  {t("bar.tray")}
                </Link>
              )}
              {(session?.role === "caseworker" || session?.role === "senior caseworker") && (
                <>
                  <Link to="/coming-up" className="mr-5">
                    {t("bar.coming")}
                  </Link>
                  <Link to="/registers" className="mr-5">
                    {t("bar.registers")}
                  </Link>
                </>
              )}
              {session?.role && SEES_LOOKS.includes(session.role) && (
                <Link to="/looks" className="mr-5">
                  {t("bar.looks")}
                </Link>
              )}
              <Link to="/rules/$service" params={{ service: "householdAllowance" }}>
                {t("bar.rules")}
              </Link>
            </nav>
            <form
              className="ml-auto flex-1 min-w-44 max-w-72"
              onSubmit={(event) => {
                event.preventDefault();
                const words = sought.trim();
                if (NUMBER.test(words))
                  navigate({ to: "/claims/$number", params: { number: words.toUpperCase() } });
                else if (words) setLooking(words);
              }}
            >
              <input
                className="bg-transparent border border-[#55625f] rounded-sm px-3 h-8 w-full placeholder:text-[#a5b3ae]"
                placeholder={t("bar.find")}
                aria-label={t("bar.find")}
                value={sought}
                onChange={(event) => setSought(event.target.value)}
              />
            </form>
          </>
        )}
        {looking && (
          <Suspense>
            <Found words={looking} onClose={() => setLooking("")} />
          </Suspense>
        )}
        <span>{session ? shortDay(session.today) : ""}</span>
        <Link to="/own-sign-in" title={session?.role ?? ""}>
          {session?.name}
        </Link>
        <button
          type="button"
          className="cursor-pointer"
          onClick={() => choose("look", night ? "day" : "night")}
        >
          {t(night ? "bar.day" : "bar.night")}
        </button>
        <button type="button" className="cursor-pointer" onClick={signOut}>
          {t("bar.signOut")}
        </button>
      </header>
      <PasswordChanged />
    </>
  );
}
