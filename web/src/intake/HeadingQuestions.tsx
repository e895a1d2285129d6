import type { Editor } from "../formula";

const PARTS = [
  ["dough", "in the dough"],
  ["filling", "in the filling"],
  ["surface", "on the surface"],
  ["beside", "beside, counted nowhere"],
] as const;

/** Headings that do not say where their lines belong: asked once for all of their lines. */
export function HeadingQuestions({ editor }: { editor: Editor }) {
  const headings = [...new Set(editor.draft.lines.flatMap(({ heading }) => (heading ? [heading] : [])))];
  if (headings.length === 0) {
    return null;
  }
  const settle = (heading: string, part: string) =>
    editor.edit({
      kind: "replace",
      draft: {
        ...editor.draft,
        lines: editor.draft.lines.map((line) =>
          line.heading === heading ? { ...line, heading: null, part: part === "dough" ? null : part } : line,
        ),
      },
    });
  return (
    <ul className="pb-2 text-sm" data-testid="headings" data-to-settle>
      {headings.map((heading) => (
        <li key={heading} className="border-warning flex flex-wrap items-center gap-2 border-l-4 py-1 pl-3">
          <span>
            Where does what stands under “{heading}” belong? Until you say, it stands beside and counts nowhere.
          </span>
          {PARTS.map(([part, words]) => (
            <button key={part} className="btn btn-xs" onClick={() => settle(heading, part)}>
              {words}
            </button>
          ))}
        </li>
      ))}
    </ul>
  );
}
