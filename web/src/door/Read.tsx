import type { Schemas } from "../api/client";
import { useSay } from "./words";

interface Props {
  title: string;
  sections: Schemas["Section"][];
  statements: string[];
}

/** Everything that was told, and what is stated by signing it. */
export function Read({ title, sections, statements }: Props) {
  const say = useSay();
  return (
    <>
      <h2 className="case text-[1.2rem] mt-2">{title}</h2>
      {sections.length === 0 && <p className="py-2">{say("sign.nothing")}</p>}
      {sections.map((section) => (
        <section key={section.title} className="py-2">
          <h3 className="font-bold">{section.title}</h3>
          <dl>
            {section.lines.map((line, i) => (
              <div key={i} className="door-line">
                <dt className="soft">{line.label}</dt>
                <dd>{line.value}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
      <h2 className="case text-[1.2rem] mt-4">{say("sign.stated")}</h2>
      <ul className="list-disc ps-5 mb-4">
        {statements.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
    </>
  );
}
