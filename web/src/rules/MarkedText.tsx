import { lexer, type Token, type Tokens } from "marked";

/** A page written in Markdown: headings, paragraphs and lists, drawn as our own elements and never as foreign markup. */
export function MarkedText({ text }: { text: string }) {
  return (
    <article className="max-w-[46rem]">
      {lexer(text).map((token, i) => (
        <Block key={i} token={token} />
      ))}
    </article>
  );
}

function Block({ token }: { token: Token }) {
  switch (token.type) {
    case "heading":
      return <Heading token={token as Tokens.Heading} />;
    case "list":
      return (
        <ul className="list-disc pl-5 mb-3">
          {(token as Tokens.List).items.map((item, i) => (
            <li key={i} className="my-0.5">
              {item.tokens.map((inner, n) =>
                inner.type === "list" ? <Block key={n} token={inner} /> : plain((inner as Tokens.Text).text),
              )}
            </li>
          ))}
        </ul>
      );
    case "paragraph":
      return <p className="mb-3">{plain((token as Tokens.Paragraph).text)}</p>;
    default:
      return null;
  }
}

function Heading({ token }: { token: Tokens.Heading }) {
  const words = plain(token.text);
  if (token.depth === 1) return <h1 className="case text-[1.5rem] mb-3">{words}</h1>;
  if (token.depth === 2) return <h2 className="head mt-6">{words}</h2>;
  return <h3 className="font-semibold mt-4 mb-1">{words}</h3>;
}

/** Text without the marks of emphasis and the escapes of the page it stands on. */
function plain(text: string): string {
  return text.replace(/\\([^A-Za-z0-9\s])/g, "$1").replace(/[*_`]{1,2}(\S[^*_`]*)[*_`]{1,2}/g, "$1");
}
