import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { useTrying } from "../parts/useTrying";
import { WhoSaid } from "./WhoSaid";

interface Props {
  claim: ClaimView;
  item: Schemas["Item"];
  onChanged: () => void;
}

/** The household says that what it was asked about is right as it is. */
export function RightAsItIs({ claim, item, onChanged }: Props) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const [attempt, refusal] = useTrying();
  const confirm = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const because = String(new FormData(event.currentTarget).get("because"));
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/items/{item}/right-as-it-is", {
          params: { path: { number: claim.number, item: item.id } },
          body: { version: claim.version, because },
        }),
      );
      onChanged();
    });
  };
  if (!open) {
    return (
      <button
        type="button"
        className="plain-link small mr-4"
        aria-label={t("asking.rightOf", { what: item.words })}
        onClick={() => setOpen(true)}
      >
        {t("asking.right")}
      </button>
    );
  }
  return (
    <form onSubmit={confirm} className="flex flex-wrap gap-3 items-end mt-1 mb-2">
      <WhoSaid name="because" note={t("asking.right")} refusal={refusal} />
    </form>
  );
}
