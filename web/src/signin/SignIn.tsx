import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { Refusal, send } from "../api/client";
import { sessionQuery } from "../api/session";
import { Seen } from "./Seen";

/** Why somebody was sent back from elsewhere. */
const AGAINST: Record<string, string> = {
  "?refused": "signIn.refused",
  "?unreachable": "signIn.unreachable",
};

/** That somebody has just taken a password of their own. */
const TAKEN = "?taken";

/** The way in for staff. */
export function SignIn() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const session = useQuery(sessionQuery());
  const elsewhere = session.data?.signsInAt;
  const [refusal, setRefusal] = useState("");
  const [seen, setSeen] = useState(false);

  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new URLSearchParams();
    new FormData(event.currentTarget).forEach((value, key) => {
      form.set(key, String(value));
    });
    try {
      await queries.fetchQuery({ ...sessionQuery(), staleTime: 0 });
      await send("/api/sign-in", form);
      await queries.invalidateQueries();
      await queries.fetchQuery({ ...sessionQuery(), staleTime: 0 });
      navigate({ to: "/" });
    } catch (problem) {
      const status = problem instanceof Refusal ? problem.status : 0;
      setRefusal(status === 401 ? t("signIn.wrong") : String((problem as Error).message));
    }
  };

  return (
    <main className="min-h-screen grid grid-cols-1 md:grid-cols-[1fr_26rem]">
      <div className="bg-neutral text-neutral-content hidden md:flex flex-col justify-end p-12">
        <p className="case text-[4.2rem] leading-none tracking-tight">
          civi<span className="text-[#7CCBB7]">tane</span>
        </p>
        <p className="mt-4 max-w-md opacity-80">
          One household, one ledger. Every determination shows its working.
        </p>
        <svg className="mt-10" width="420" height="26" aria-hidden="true">
          <rect x="0" y="8" width="120" height="10" fill="#7CCBB7" />
          <rect x="121" y="9" width="110" height="8" fill="none" stroke="#E0A15E" strokeWidth="1.5" />
          <line
            x1="240"
            x2="330"
            y1="13"
            y2="13"
            stroke="#AAA3DC"
            strokeWidth="5"
            strokeLinecap="round"
            strokeDasharray="0 9"
          />
          <rect x="338" y="8" width="50" height="10" fill="#7CCBB7" />
          <path d="M400,4 v18 M400,4 l12,5 l-12,5 z" stroke="#EAF0ED" fill="#EAF0ED" />
        </svg>
      </div>
      <form onSubmit={submit} className="self-center p-10 flex flex-col gap-4">
        <h1 className="case text-[1.7rem]">{t("signIn.title")}</h1>
        {session.data?.demo && <p className="soft">{t("bar.demoMeans")}</p>}
        {window.location.search === TAKEN && <p role="status">{t("signIn.taken")}</p>}
        {elsewhere ? (
          <Elsewhere at={elsewhere} />
        ) : (
          <>
            <label className="flex flex-col gap-1">
              {t("signIn.login")}
              <input name="username" className="input w-full" autoComplete="username" required />
            </label>
            <label className="flex flex-col gap-1">
              {t("signIn.password")}
              <input
                name="password"
                type={seen ? "text" : "password"}
                className="input w-full"
                autoComplete="current-password"
                required
              />
            </label>
            <Seen seen={seen} onSeen={setSeen} />
            <p role="alert" className="wrong min-h-6">
              {refusal}
            </p>
            <button type="submit" className="btn btn-primary self-start px-6">
              {t("signIn.go")}
            </button>
          </>
        )}
      </form>
    </main>
  );
}

/** Where the office has a server of its own that knows who works there. */
function Elsewhere({ at }: { at: string }) {
  const { t } = useTranslation();
  const against = AGAINST[window.location.search];
  return (
    <>
      <p>{t("signIn.elsewhere")}</p>
      <p role="alert" className="wrong min-h-6">
        {against && t(against)}
      </p>
      <a href={at} className="btn btn-primary self-start px-6">
        {t("signIn.office")}
      </a>
    </>
  );
}
