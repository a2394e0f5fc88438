import { Button, DropZone, FileTrigger, Text } from "react-aria-components";
import { useTranslation } from "react-i18next";

interface Props {
  label: string;
  /** What is taken, said before anybody chooses. */
  accepted: string;
  accept: string[];
  onFile: (file: File) => void;
}

/** A place to drop a file on, with a button as well; what it takes is said first. */
export function FileDrop({ label, accepted, accept, onFile }: Props) {
  const { t } = useTranslation();
  return (
    <DropZone
      aria-label={label}
      className="block border-2 border-dashed border-base-300 px-4 py-3 data-[drop-target]:border-primary data-[drop-target]:bg-base-200"
      onDrop={async (event) => {
        const dropped = event.items.find((item) => item.kind === "file");
        if (dropped?.kind === "file") onFile(await dropped.getFile());
      }}
    >
      <Text slot="label" className="block soft small">
        {accepted}
      </Text>
      <span className="mt-2 flex items-center gap-3">
        <FileTrigger acceptedFileTypes={accept} onSelect={(list) => list?.[0] && onFile(list[0])}>
          <Button className="btn btn-sm">{t("file.choose")}</Button>
        </FileTrigger>
        {t("file.drop")}
      </span>
    </DropZone>
  );
}
