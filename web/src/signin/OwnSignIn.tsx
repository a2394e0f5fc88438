import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useSession } from "../api/session";
import { Bar } from "../parts/Bar";
import { clockTime, shortDay } from "../parts/format";
import { KeyStrip } from "../parts/Keys";
import { useTrying } from "../parts/useTrying";
import { AnotherPassword } from "./AnotherPassword";

const at = (moment: string) => `${shortDay(moment)} ${clockTime(moment)}`;

/** One's own log-in: another password, and where else one is signed in. */
export function OwnSignIn() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const cache = useQueryClient();
  const [attempt, refusal] = useTrying();
  const own = useQuery({ queryKey: ["own-sign-in"], queryFn: () => done(api.GET("/api/own-sign-in")) });
  const sessions = own.data?.sessions ?? [];
  const newcomer = useSession()?.newcomer ?? false;
  const signInAnew = () => {
    cache.clear();
    window.location.assign("/sign-in?taken");
  };
  const again = () => cache.invalidateQueries({ queryKey: ["own-sign-in"] });
  const endOthers = () =>
    attempt(async () => {
      await done(api.POST("/api/own-sign-in/end-others"));
      await again();
    });
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <main className="flex-1 min-h-0 overflow-y-auto px-6 py-4">
        <h1 className="case text-[1.7rem] mb-4">{t("ownSignIn.title")}</h1>
        {own.data && (
          <div className="grid grid-cols-1 lg:grid-cols-2 gap-10 max-w-5xl">
            <section aria-labelledby="another-password">
              <h2 id="another-password" className="head mb-3">
                {t("ownSignIn.password")}
              </h2>
              {own.data.byPassword ? (
                <AnotherPassword newcomer={newcomer} onTaken={newcomer ? signInAnew : again} />
              ) : (
                <p>{t("ownSignIn.elsewhere")}</p>
              )}
            </section>
            <section aria-labelledby="signed-in-at">
              <h2 id="signed-in-at" className="head mb-3">
                {t("ownSignIn.where")}
              </h2>
              <ul>
                {sessions.map((one) => (
                  <li
                    key={one.since + one.lastUsed}
                    className="flex justify-between gap-4 border-b border-base-300 py-1.5"
                  >
                    <span>{t(one.here ? "ownSignIn.here" : "ownSignIn.other")}</span>
                    <span className="soft">
                      {t("ownSignIn.since", { since: at(one.since), used: at(one.lastUsed) })}
                    </span>
                  </li>
                ))}
              </ul>
              {sessions.length > 1 ? (
                <button type="button" className="btn mt-3" onClick={endOthers}>
                  {t("ownSignIn.endOthers")}
                </button>
              ) : (
                <p className="soft mt-2">{t("ownSignIn.nowhereElse")}</p>
              )}
              <p role="alert" className="wrong">
                {refusal}
              </p>
            </section>
          </div>
        )}
      </main>
      <KeyStrip
        keys={newcomer ? [] : [{ key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) }]}
      />
    </div>
  );
}
