import { useSay } from "./words";

/** Says that what a page that ended left was given back. */
export function HereAgain({ isAgain }: { isAgain: boolean }) {
  const say = useSay();
  return isAgain ? (
    <p role="status" className="soft my-2">
      {say("hereAgain")}
    </p>
  ) : null;
}
