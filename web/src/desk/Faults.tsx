import { useTranslation } from "react-i18next";
import type { Fault } from "../api/client";
import { placeWords } from "../i18n/words";

/** Every fault: where, what is wrong, and what would be right. */
export function Faults({ faults }: { faults: Fault[] }) {
  const { t } = useTranslation();
  return (
    <table className="w-full mt-2 text-left">
      <thead className="soft small">
        <tr>
          <th className="font-normal">{t("desk.faultPlace")}</th>
          <th className="font-normal">{t("desk.faultWhat")}</th>
          <th className="font-normal">{t("desk.faultRight")}</th>
        </tr>
      </thead>
      <tbody>
        {faults.map((fault, i) => (
          <tr key={i} className="border-t border-base-300 align-top">
            <td className="py-1 pr-3">
              {placeWords(fault.pointer)}
              {fault.pointer.startsWith("/") ? (
                <span className="case small soft block break-words">{fault.pointer}</span>
              ) : (
                fault.pointer
              )}
            </td>
            <td className="py-1 pr-3">{fault.message}</td>
            <td className="py-1 soft">{fault.expected}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
