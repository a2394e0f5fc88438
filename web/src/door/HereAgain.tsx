import { useSay } from "./words";

/** Says that what a page that ended left was given back. */
export function HereAgain({ isAgain }: { isAgain: boolean }) {
  const say = useSay();
  return (
    <p role="status" className={isAgain ? "soft my-2" : ""}>
      {isAgain && say("hereAgain")}
    </p>
  );
}
