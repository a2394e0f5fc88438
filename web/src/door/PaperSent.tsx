import { type ChangeEvent, type FormEvent, useEffect, useId, useMemo, useRef, useState } from "react";
import { Refusal } from "../api/client";
import { HereAgain } from "./HereAgain";
import { readability } from "./readability";
import { useLaidBy } from "./useLaidBy";
import { useSay } from "./words";

const MOST_BYTES = 15 * 1024 * 1024;
const WRONG = 422;
const TOO_MUCH = 429;

interface Props {
  /** The element that says what it is for. */
  about: string;
  /** What keeps the photos that are not sent yet apart from those for something else. */
  place: string;
  /** Whether something came for it already. */
  came: boolean;
  /** Whether it is what the page is for. */
  isMain: boolean;
  sendFirst: (file: File, remark: string) => Promise<void>;
  sendFurther: (file: File) => Promise<void>;
  onChanged: () => void;
  /** Whether something is chosen that is not sent yet. */
  onHolding?: (about: string, isHolding: boolean) => void;
}

/** What is said of a file that was not taken, by its key. */
function refused(problem: unknown): string {
  if (!(problem instanceof Refusal)) return "offline";
  if (problem.status === TOO_MUCH) return "wanted.much";
  return problem.status === WRONG ? "wanted.refused" : "failed";
}

/** A page as it was chosen, and what makes it doubtful whether it can be read. */
interface Page {
  file: File;
  doubt: string;
}

/**
 * Photos or files for what is wanted, a page each or several: looked at before they are sent, so that nobody sends what
 * can't be read. Once some came, more are put behind them.
 */
export function PaperSent({
  about,
  place,
  came,
  isMain,
  sendFirst,
  sendFurther,
  onChanged,
  onHolding,
}: Props) {
  const say = useSay();
  const id = useId();
  const picker = useRef<HTMLInputElement>(null);
  const [pages, setPages] = useState<Page[]>([]);
  const [remark, setRemark] = useState("");
  const [against, setAgainst] = useState("");
  const [busy, setBusy] = useState(false);

  const isHolding = pages.length > 0;
  useEffect(() => {
    onHolding?.(about, isHolding);
    return () => onHolding?.(about, false);
  }, [onHolding, about, isHolding]);

  const files = useMemo(() => pages.map((page) => page.file), [pages]);
  const isAgain = useLaidBy(place, (left) => take(left.files), "", files);
  // By itself, so that a letter more does not encrypt the photos again.
  useLaidBy(`${place}/remark`, (left) => setRemark((before) => before || left.text), remark);

  const take = async (chosen: File[]) => {
    for (const file of chosen) {
      const found = await readability(file);
      setPages((before) => [...before, { file, doubt: found ? say(`wanted.${found}`) : "" }]);
    }
  };
  const choose = async (event: ChangeEvent<HTMLInputElement>) => {
    const chosen = [...(event.target.files ?? [])];
    // The same file can be chosen again.
    event.target.value = "";
    setAgainst(chosen.some((file) => file.size > MOST_BYTES) ? say("wanted.how") : "");
    await take(chosen.filter((one) => one.size <= MOST_BYTES));
  };
  const send = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    let first = !came;
    try {
      // One after the other, so that a lost connection loses none that was sent.
      for (const { file } of pages) {
        await (first ? sendFirst(file, remark) : sendFurther(file));
        first = false;
        setPages((before) => before.slice(1));
      }
      setRemark("");
      onChanged();
    } catch (problem) {
      setAgainst(say(refused(problem)));
      if (!first) onChanged();
    } finally {
      setBusy(false);
    }
  };
  const takeAway = (page: number) => setPages((before) => before.filter((_, i) => i !== page));
  return (
    <form onSubmit={send} className="my-2">
      <input
        ref={picker}
        id={id}
        type="file"
        multiple
        className="sr-only"
        tabIndex={-1}
        accept="image/jpeg,image/png,application/pdf"
        aria-label={say("wanted.photo")}
        aria-describedby={about}
        onChange={choose}
      />
      {isHolding ? (
        <>
          <HereAgain isAgain={isAgain} />
          <p>{say("wanted.chosen")}:</p>
          <ol className="list-decimal ps-6">
            {pages.map((page, i) => (
              <li key={`${page.file.name} ${page.file.lastModified} ${page.file.size}`} className="py-1">
                <span dir="auto" className="break-all">
                  {page.file.name}
                </span>{" "}
                <button type="button" className="plain-link py-2" disabled={busy} onClick={() => takeAway(i)}>
                  {say("apply.takeAway")} <span className="sr-only">{page.file.name}</span>
                </button>
                {page.doubt && (
                  <p role="status" className="door-band my-2">
                    {page.doubt}
                  </p>
                )}
              </li>
            ))}
          </ol>
          {!came && (
            <label className="block my-2">
              {say("wanted.remark")}
              <input
                className="door-field"
                dir="auto"
                maxLength={400}
                value={remark}
                onChange={(event) => setRemark(event.target.value)}
              />
            </label>
          )}
          <div className="flex flex-wrap gap-3 items-center">
            <button type="submit" className="door-button door-main" disabled={busy}>
              {busy ? say("wanted.sending") : say("wanted.send")}
            </button>
            <button
              type="button"
              className="plain-link py-2"
              disabled={busy}
              onClick={() => picker.current?.click()}
            >
              {say("wanted.morePages")}
            </button>
          </div>
        </>
      ) : (
        <button
          type="button"
          className={`door-button ${isMain && !came ? "door-main" : ""}`}
          aria-describedby={about}
          onClick={() => picker.current?.click()}
        >
          {say(came ? "wanted.morePages" : "wanted.photo")}
        </button>
      )}
      <p role="alert" className={against ? "wrong my-2" : ""}>
        {against}
      </p>
    </form>
  );
}
