import { Choice } from "../draft/Choice";
import { at } from "../draft/packet";
import { asked, spoken } from "../i18n/words";
import { namesOf } from "../parts/called";
import type { QuestionProps } from "./matter";

/** Who fetches it: the person by name, or somebody else. */
export function Fetching({ handle, question, pointer, path, matter }: QuestionProps) {
  const whose = at(handle.draft.packet, pointer.replace(/[^/]+$/, "person"));
  const name = namesOf(handle.draft.packet.household.people).get(String(whose));
  return (
    <Choice
      {...{ handle, pointer }}
      label={asked(matter.service, path)}
      options={question.options}
      words={(option) => (option === "self" && name) || spoken(option, question.vocabulary)}
      className="w-56"
    />
  );
}
