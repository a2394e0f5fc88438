import { useQuery } from "@tanstack/react-query";
import { api, done } from "../api/client";
import { Against } from "./Against";
import { putOrThrow, sendEarly } from "./asking";
import { PaperSent } from "./PaperSent";
import { useTries } from "./useTries";
import { useSay, useTongue } from "./words";

interface Props {
  onHolding: (about: string, isHolding: boolean) => void;
}

/** Papers that will be wanted, to be sent before it is lodged by whoever has them at hand. */
export function EarlyPapers({ onHolding }: Props) {
  const say = useSay();
  const language = useTongue();
  const { against, busy, trying } = useTries();
  const papers = useQuery({
    queryKey: ["door", "application", "papers", language],
    queryFn: () => done(api.GET("/api/door/application/papers", { params: { query: { language } } })),
    gcTime: 0,
  });
  const reload = () => void papers.refetch();
  if (!papers.data?.length) return null;
  const takeAway = (wanted: string) =>
    trying(async () => {
      await putOrThrow("application/papers/away", { wanted });
      await papers.refetch();
      return "";
    });
  return (
    <section aria-labelledby="early" className="mt-6 mb-4">
      <h2 id="early" className="case text-[1.2rem]">
        {say("early.title")}
      </h2>
      <p>{say("early.intro")}</p>
      <p className="soft">{say("wanted.how")}</p>
      <Against says={against && say(against)} />
      <ul>
        {papers.data.map((paper, i) => (
          <li
            key={paper.wanted}
            className="py-3 border-b border-[color:var(--color-base-300)] last:border-b-0"
          >
            <p id={`early-${i}`} className="font-bold">
              {paper.words}
            </p>
            {paper.pages && (
              <p className="flex flex-wrap gap-x-4 items-center">
                <span role="status">✓ {paper.pages}</span>
                <button
                  type="button"
                  className="plain-link py-2"
                  aria-describedby={`early-${i}`}
                  disabled={busy}
                  onClick={() => takeAway(paper.wanted)}
                >
                  {say("apply.takeAway")}
                </button>
              </p>
            )}
            <PaperSent
              about={`early-${i}`}
              place={`early/${paper.wanted}`}
              came={paper.pages !== ""}
              isMain={false}
              sendFirst={(file, remark) => sendEarly(paper.wanted, file, remark)}
              sendFurther={(file) => sendEarly(paper.wanted, file, "")}
              onChanged={reload}
              onHolding={onHolding}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
