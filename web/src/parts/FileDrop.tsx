import { type DragEvent, useState } from "react";
import { useTranslation } from "react-i18next";

interface Props {
  label: string;
  /** What is taken, said before anybody chooses. */
  accepted: string;
  accept: string;
  onFile: (file: File) => void;
}

/** A place to drop a file on, which is a button as well; what it takes is said first. */
export function FileDrop({ label, accepted, accept, onFile }: Props) {
  const { t } = useTranslation();
  const [over, setOver] = useState(false);
  const drag = (event: DragEvent, here: boolean) => {
    event.preventDefault();
    setOver(here);
  };
  return (
    <label
      className={`block border-2 border-dashed px-4 py-3 cursor-pointer focus-within:outline-2 focus-within:outline-offset-2 ${over ? "border-primary bg-base-200" : "border-base-300"}`}
      onDragOver={(event) => drag(event, true)}
      onDragLeave={(event) => drag(event, false)}
      onDrop={(event) => {
        drag(event, false);
        const file = event.dataTransfer.files[0];
        if (file) onFile(file);
      }}
    >
      <input
        type="file"
        accept={accept}
        aria-label={label}
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          // The same file may be chosen again once it has been put right.
          event.target.value = "";
          if (file) onFile(file);
        }}
      />
      <span className="block soft small">{accepted}</span>
      <span className="block mt-1">
        {t("file.drop")} <span className="plain-link">{t("file.choose")}</span>
      </span>
    </label>
  );
}
