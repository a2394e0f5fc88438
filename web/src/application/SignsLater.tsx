import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import type { DraftHandle } from "../draft/useDraft";
import { useTrying } from "../parts/useTrying";

interface Props {
  handle: DraftHandle;
  id: string;
  signer: Schemas["Signing"];
}

const toTyping = (field: HTMLInputElement | null) => field?.focus();

/** A grown-up who is not here signs later: asked at a contact of their own once it is lodged, or by coming to the office. */
export function SignsLater({ handle, id, signer }: Props) {
  const { t } = useTranslation();
  const cache = useQueryClient();
  const [open, setOpen] = useState(false);
  const [attempt, refusal] = useTrying();
  const asked = useQuery({
    queryKey: ["signers", id],
    queryFn: () => done(api.GET("/api/applications/{id}/signing-requests", { params: { path: { id } } })),
  });
  const noted = asked.data?.find((one) => one.person === signer.person);
  const told = handle.draft.packet.household.people?.find((one) => one.id === signer.person)?.contact;
  const note = (contact: string) =>
    attempt(async () => {
      await handle.settle();
      await done(
        api.POST("/api/applications/{id}/signing-requests", {
          params: { path: { id } },
          body: { person: signer.person, name: signer.name, contact },
        }),
      );
      await cache.invalidateQueries({ queryKey: ["signers", id] });
      setOpen(false);
    });
  if (!open) {
    return (
      <p className="mt-2 flex flex-wrap items-center gap-3">
        {noted && (
          <span role="status">
            {noted.contact ? t("sign.askedAt", { contact: noted.contact }) : t("sign.comes")}
          </span>
        )}
        <button type="button" className="btn btn-sm" onClick={() => setOpen(true)}>
          {t(noted ? "sign.otherwise" : "sign.later", { name: signer.name })}
        </button>
      </p>
    );
  }
  return (
    <form
      className="mt-2"
      onSubmit={(event) => {
        event.preventDefault();
        note(String(new FormData(event.currentTarget).get("contact") ?? ""));
      }}
    >
      <label className="flex flex-col gap-0.5">
        <span className="soft small">{t("sign.ownContact", { name: signer.name })}</span>
        <input
          name="contact"
          className="input w-80"
          autoComplete="off"
          ref={toTyping}
          defaultValue={noted?.contact ?? told?.phone ?? told?.email ?? ""}
        />
      </label>
      <p className="soft small mt-0.5">{t("sign.ownContactHow")}</p>
      <p className="mt-2 flex gap-3">
        <button type="submit" className="btn btn-sm">
          {t("sign.noteLater")}
        </button>
        <button type="button" className="btn btn-sm btn-ghost" onClick={() => setOpen(false)}>
          {t("sign.notLater")}
        </button>
      </p>
      <p role="alert" className="wrong">
        {refusal}
      </p>
    </form>
  );
}
