import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useLive } from "../parts/useLive";

interface Props {
  number: string;
  onShow: () => void;
}

/** That somebody else moved the claim meanwhile: what is typed here stays until one wants to see that. */
export function Overtaken({ number, onShow }: Props) {
  const { t } = useTranslation();
  const [moved, setMoved] = useState(false);
  useLive((numbers) => {
    if (numbers.includes(number)) setMoved(true);
  });
  return (
    <p aria-live="polite" className={moved ? "px-6 py-2 bg-base-200" : ""}>
      {moved && (
        <>
          {t("claim.overtaken")}{" "}
          <button type="button" className="plain-link" onClick={onShow}>
            {t("claim.showIt")}
          </button>
        </>
      )}
    </p>
  );
}
