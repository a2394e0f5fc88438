import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { at } from "../draft/packet";
import { asked } from "../i18n/words";
import type { QuestionProps } from "./matter";

interface Listed {
  code?: string;
}

/** The waiting lists of the district; those that are closed can be seen and not chosen. Their limits stay the office's. */
export function ListChoice({ handle, pointer, path, matter }: QuestionProps) {
  const { t } = useTranslation();
  const chosen = (at(handle.draft.packet, pointer) as Listed[] | undefined) ?? [];
  const lists = useQuery({ queryKey: ["lists"], queryFn: () => done(api.GET("/api/lists")) });
  return (
    <fieldset>
      <legend className="sr-only">{asked(matter.service, path)}</legend>
      {lists.data?.map((list) => (
        <label
          key={list.code}
          className="stacks stacks grid grid-cols-[1.5rem_16rem_1fr] items-center min-h-8"
        >
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            disabled={!list.open}
            checked={chosen.some((one) => one.code === list.code)}
            onChange={(event) => {
              handle.set(
                pointer,
                event.target.checked
                  ? [...chosen, { code: list.code }]
                  : chosen.filter((one) => one.code !== list.code),
              );
            }}
          />
          <span className="case">{list.name}</span>
          <span className="soft">
            {list.open ? t("lists.limit", { percent: list.incomePercent }) : t("lists.closed")}
          </span>
        </label>
      ))}
    </fieldset>
  );
}
