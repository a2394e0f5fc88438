import { AskField } from "./AskField";
import type { Ask } from "./rows";
import { useSay } from "./words";

const ACTS_AS = "/taking/actsAs";
const NAME = "/taking/actor/name";
const SPEAKER = "/taking/actor/speaker";
const LETTERS = "/taking/actor/letters";
const CONTACT = "/taking/actor/contact";

interface Props {
  asks: Ask[];
  values: Record<string, string>;
  wrong: Record<string, string>;
  onType: (typed: Record<string, string>) => void;
  /** It is asked for somebody else than before. */
  onAnother: () => Promise<void>;
}

/** Whether it is asked for somebody else than who types. */
export function isForAnother(values: Record<string, string>) {
  return !["", "self"].includes(values[ACTS_AS] ?? "");
}

/** Who it is asked for; whoever asks for somebody else says who they are and by what right. */
export function ForOthers({ asks, values, wrong, onType, onAnother }: Props) {
  const say = useSay();
  const actsAs = values[ACTS_AS] ?? "";
  const isOfAnother = isForAnother(values);
  const isAsked = (ask: Ask) =>
    ask.name === ACTS_AS ||
    (isOfAnother &&
      (ask.name !== SPEAKER || actsAs === "organisation") &&
      (ask.name !== CONTACT || values[LETTERS] !== ""));
  const field = (ask: Ask) => (
    <AskField
      key={ask.name}
      ask={
        ask.name === NAME && actsAs === "organisation"
          ? { ...ask, label: say("others.organisationName") }
          : ask
      }
      value={values[ask.name] ?? ""}
      wrong={wrong[ask.name] ?? ""}
      people={[]}
      onType={(text) => {
        onType({ [ask.name]: text });
        if (ask.name === ACTS_AS) void onAnother();
      }}
    />
  );
  return (
    <div className={isOfAnother ? "door-entry" : ""}>
      {asks.filter(isAsked).map(field)}
      {isOfAnother && <p className="mb-2">{say("others.intro")}</p>}
    </div>
  );
}
