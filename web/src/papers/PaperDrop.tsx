import { useState } from "react";
import { Button, DropZone, FileTrigger, Text } from "react-aria-components";
import { useTranslation } from "react-i18next";

interface Props {
  /** Sends a file, says how far it is from 0 to 1, and answers the id of what it became. */
  send: (file: File, onProgress: (done: number) => void) => Promise<string>;
  onTaken: (id: string) => void;
}

interface Sending {
  key: number;
  file: File;
  done: number;
  refusal: string;
}

const ACCEPTED = ["application/pdf", "image/png", "image/jpeg"];
const MOST = 40;

/** A place to drop papers on, with a button and a phone's camera as well; each says how far it is, or why it was refused. */
export function PaperDrop({ send: sendFile, onTaken }: Props) {
  const { t } = useTranslation();
  const [sending, setSending] = useState<Sending[]>([]);
  const [next, setNext] = useState(1);
  const change = (key: number, to: Partial<Sending>) =>
    setSending((all) => all.map((one) => (one.key === key ? { ...one, ...to } : one)));
  const send = async (one: Sending) => {
    change(one.key, { refusal: "", done: 0 });
    try {
      const id = await sendFile(one.file, (done) => change(one.key, { done }));
      setSending((all) => all.filter((other) => other.key !== one.key));
      onTaken(id);
    } catch (problem) {
      const words = (problem as Error).message;
      change(one.key, { refusal: words === "lost" ? t("paper.lost") : words });
    }
  };
  const take = async (files: File[]) => {
    const fresh = files.slice(0, MOST).map((file, i) => ({ key: next + i, file, done: 0, refusal: "" }));
    setNext(next + fresh.length);
    setSending((all) => [...all, ...fresh]);
    // One after the other: a phone's line is not divided among forty.
    for (const one of fresh) await send(one);
  };
  return (
    <div>
      <DropZone
        className="block border-2 border-dashed border-base-300 px-3 py-2 data-[drop-target]:border-primary data-[drop-target]:bg-base-200"
        onDrop={async (event) => {
          const files = await Promise.all(
            event.items.flatMap((item) => (item.kind === "file" ? [item.getFile()] : [])),
          );
          take(files);
        }}
      >
        <Text slot="label" className="block soft small">
          {t("paper.accepted")}
        </Text>
        <span className="flex flex-wrap gap-2 mt-2 items-center">
          <FileTrigger
            acceptedFileTypes={ACCEPTED}
            allowsMultiple
            onSelect={(list) => take([...(list ?? [])])}
          >
            <Button className="btn btn-sm">{t("paper.choose")}</Button>
          </FileTrigger>
          <FileTrigger
            acceptedFileTypes={["image/jpeg", "image/png"]}
            defaultCamera="environment"
            onSelect={(list) => take([...(list ?? [])])}
          >
            <Button className="btn btn-sm">{t("paper.camera")}</Button>
          </FileTrigger>
        </span>
      </DropZone>
      <ul className="small" aria-live="polite">
        {sending.map((one) => (
          <li key={one.key} className="py-1">
            {one.file.name}{" "}
            {one.refusal ? (
              <span role="alert">
                <span className="wrong">{one.refusal}</span>{" "}
                <button type="button" className="plain-link" onClick={() => send(one)}>
                  {t("paper.again")}
                </button>{" "}
                <button
                  type="button"
                  className="plain-link"
                  onClick={() => setSending((all) => all.filter((other) => other.key !== one.key))}
                >
                  {t("paper.leave")}
                </button>
              </span>
            ) : (
              <progress value={one.done} max={1} aria-label={t("paper.sending", { name: one.file.name })} />
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
