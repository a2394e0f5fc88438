import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { at } from "../draft/packet";
import { asked } from "../i18n/words";
import { fullDay, money } from "../parts/format";
import type { QuestionProps } from "./matter";
import { aids } from "./matter";
import { Rows } from "./Rows";

interface Sale {
  parcel?: string;
  soldOn?: string;
  price?: number;
  area?: number;
  condition?: number;
}

/** Sales near the parcel, the most alike first, beside the property itself; those that are ticked are used. */
export function NearbySales(props: QuestionProps) {
  const { handle, pointer, path, matter } = props;
  const { t } = useTranslation();
  const answers = pointer.slice(0, pointer.lastIndexOf("/"));
  const number = at(handle.draft.packet, `${answers}/parcel`) as string | undefined;
  const picked = (at(handle.draft.packet, pointer) as Sale[] | undefined) ?? [];
  const made = aids<"ValueReviewAids">(handle, matter)?.sales ?? {};
  const record = useQuery({
    queryKey: ["parcel", number],
    queryFn: () => done(api.GET("/api/parcels/{number}", { params: { path: { number: number ?? "" } } })),
    enabled: Boolean(number),
    retry: false,
  });
  if (!record.data) return <Rows {...props} />;
  const { parcel, sales } = record.data;
  return (
    <table className="w-full max-w-4xl">
      <caption className="sr-only">{asked(matter.service, path)}</caption>
      <thead className="soft small text-left">
        <tr>
          <td />
          <th className="font-normal">{t("sales.where")}</th>
          <th className="font-normal">{t("sales.sold")}</th>
          <th className="font-normal text-right pl-4">{t("sales.area")}</th>
          <th className="font-normal text-right pl-4">{t("sales.condition")}</th>
          <th className="font-normal text-right pl-4">{t("sales.price")}</th>
          <th className="font-normal text-right pl-4">{t("sales.made")}</th>
        </tr>
      </thead>
      <tbody>
        <tr className="border-t border-base-content">
          <td />
          <th className="case font-semibold text-left">{parcel.line1}</th>
          <td className="soft">{t("sales.subject")}</td>
          <td className="case text-right pl-4">{parcel.area}</td>
          <td className="case text-right pl-4">{parcel.condition}</td>
          <td className="case text-right pl-4">{money(parcel.assessedValue)}</td>
          <td />
        </tr>
        {sales.slice(0, 12).map((sale) => {
          const place = picked.findIndex((one) => one.parcel === sale.parcel);
          return (
            <tr key={sale.parcel} className="border-t border-base-300">
              <td className="w-8 py-1">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  aria-label={sale.line1}
                  checked={place >= 0}
                  onChange={(event) => {
                    const { parcel: of, soldOn, price, area, condition } = sale;
                    handle.set(
                      pointer,
                      event.target.checked
                        ? [...picked, { parcel: of, soldOn, price, area, condition }]
                        : picked.filter((one) => one.parcel !== of),
                    );
                  }}
                />
              </td>
              <td className="case pr-3">{sale.line1}</td>
              <td>{fullDay(sale.soldOn)}</td>
              <td className="case text-right pl-4">{sale.area}</td>
              <td className="case text-right pl-4">{sale.condition}</td>
              <td className="case text-right pl-4">{money(sale.price)}</td>
              <td className="case text-right pl-4">
                {place < 0 ? "" : made[place] === undefined ? t("sales.unused") : money(made[place])}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
