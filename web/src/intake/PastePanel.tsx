import { useMutation } from "@tanstack/react-query";
import { ScrollText } from "lucide-react";
import { type RefObject, useState } from "react";
import { useNavigate } from "react-router";
import { api, type IntakeAnswer, type PantryDocument, taken } from "../api";
import { beginNewFormulaFrom, type Editor, emptyDraft } from "../formula";
import { ErrorNotice, useNotices } from "../parts";
import { CupQuestion } from "./CupQuestion";
import { EXAMPLES } from "./examples";
import { recipeBelow, recipeInstead } from "./readRecipe";
import { StartFrom } from "./StartFrom";

const WHERE = [
  { where: "new", words: "Into a new formula" },
  { where: "instead", words: "Instead of what is there" },
  { where: "below", words: "Below it" },
] as const;

const EXAMPLE = `3 to 3½ cups chapati flour
a handful of kale, chopped
½ tsp salt
warm water`;

interface PastePanelProps {
  editor: Editor;
  pantry: PantryDocument;
  text: RefObject<HTMLTextAreaElement | null>;
  /** Called once a recipe was read into the lines of this formula. */
  onRead: (recipe: IntakeAnswer, where: Where) => void;
}

/** Where a recipe goes: in the place of the lines, below them, or into a formula of its own. */
type Where = "instead" | "below" | "new";

/** The recipe as it came, and what else one can start from. */
export function PastePanel({ editor, pantry, text, onRead }: PastePanelProps) {
  const notify = useNotices();
  const [typed, setTyped] = useState(editor.draft.notes?.recipe ?? "");
  const [asksCup, setAsksCup] = useState(false);
  const [asksWhere, setAsksWhere] = useState(false);
  const navigate = useNavigate();
  const has = editor.draft.lines.length > 0;
  const read = useMutation({
    mutationFn: async ({ text, where }: { text: string; where: Where }) => ({
      where,
      text,
      recipe: await taken(api.POST("/api/intake/parse", { body: { text, style: editor.draft.style } })),
    }),
    onSuccess: ({ recipe, text, where }) => {
      setAsksWhere(false);
      if (where === "new") {
        beginNewFormulaFrom(recipeInstead(emptyDraft(editor.draft.style), recipe, text), "intake");
        void navigate("/formulas/new/intake", { state: { spoken: recipe.style ?? null } });
        return;
      }
      const draft = (where === "below" ? recipeBelow : recipeInstead)(editor.draft, recipe, text);
      editor.edit({ kind: "replace", draft });
      notify(`${recipe.lines.length} ${recipe.lines.length === 1 ? "line" : "lines"} read. Undo takes it back.`);
      setAsksCup(recipe.asksCupFilling);
      onRead(recipe, where);
    },
  });

  // What is in the bowl already is never replaced without a word.
  const begin = (text: string) => (has ? setAsksWhere(true) : read.mutate({ text, where: "instead" }));

  const drop = async (files: FileList) => {
    const [file] = files;
    if (!file) {
      return;
    }
    if (file.type !== "" && !file.type.startsWith("text/")) {
      notify(
        file.type.startsWith("image/")
          ? "A picture cannot be read. Type its words, or paste them."
          : "Only text can be read. Paste the recipe’s words.",
      );
      return;
    }
    const dropped = await file.text();
    setTyped(dropped);
    begin(dropped);
  };

  return (
    <section
      aria-label="The recipe as it came"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        if (event.dataTransfer.files.length > 0) {
          event.preventDefault();
          void drop(event.dataTransfer.files);
        }
      }}
    >
      <h2 className="section-title pb-1">The recipe as it came</h2>
      <textarea
        ref={text}
        className="quiet-field framed !h-64 py-2 text-sm leading-relaxed"
        aria-label="Recipe"
        placeholder={EXAMPLE}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === "Enter" && (event.ctrlKey || event.metaKey) && typed.trim() !== "") {
            event.preventDefault();
            begin(typed);
          }
        }}
      />
      <div className="flex items-center gap-2 pt-1.5">
        <button
          className="btn btn-primary btn-sm gap-1.5"
          disabled={typed.trim() === "" || read.isPending}
          title="Ctrl + Enter"
          onClick={() => begin(typed)}
        >
          <ScrollText size={15} aria-hidden /> Read it
        </button>
        <select
          className="quiet-field !w-auto max-w-44 text-sm"
          aria-label="A recipe to try"
          value=""
          onChange={(event) => setTyped(EXAMPLES.find(({ name }) => name === event.target.value)?.text ?? typed)}
        >
          <option value="">a recipe to try…</option>
          {EXAMPLES.map(({ name }) => (
            <option key={name}>{name}</option>
          ))}
        </select>
      </div>
      {asksWhere && (
        <div
          role="group"
          aria-label="Where the recipe goes"
          className="border-primary mt-2 border-l-4 pl-3 text-sm"
          data-testid="where"
        >
          <p>There is something in the bowl already. Where does this go?</p>
          <div className="flex flex-wrap gap-1.5 pt-1">
            {WHERE.map(({ where, words }, at) => (
              <button
                key={where}
                className="btn btn-xs"
                autoFocus={at === 0}
                disabled={read.isPending}
                onClick={() => read.mutate({ text: typed, where })}
              >
                {words}
              </button>
            ))}
            <button className="btn btn-xs btn-ghost" onClick={() => setAsksWhere(false)}>
              Leave all as it is
            </button>
          </div>
        </div>
      )}
      <ErrorNotice error={read.error} />
      {asksCup && <CupQuestion editor={editor} text={typed} onSettled={() => setAsksCup(false)} />}
      <p className="soft pt-2 text-xs leading-snug">
        One ingredient a line, or several in a sentence, each with its amount. Headings such as “For the filling” and a
        method below are understood. What cannot be read stays as an open line. A text file can be dropped here.
      </p>
      <StartFrom editor={editor} pantry={pantry} />
    </section>
  );
}
