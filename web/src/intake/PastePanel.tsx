import { useMutation } from "@tanstack/react-query";
import { ScrollText } from "lucide-react";
import { type RefObject, useState } from "react";
import { api, type IntakeAnswer, type PantryDocument, taken } from "../api";
import type { Editor } from "../formula";
import { ErrorNotice, useNotices } from "../parts";
import { CupQuestion } from "./CupQuestion";
import { EXAMPLES } from "./examples";
import { withRecipe } from "./readRecipe";
import { StartFrom } from "./StartFrom";

const EXAMPLE = `3 to 3½ cups chapati flour
a handful of kale, chopped
½ tsp salt
warm water`;

interface PastePanelProps {
  editor: Editor;
  pantry: PantryDocument;
  text: RefObject<HTMLTextAreaElement | null>;
  /** Called once a recipe was read into lines. */
  onRead: (recipe: IntakeAnswer) => void;
}

/** The recipe as it came, and what else one can start from. */
export function PastePanel({ editor, pantry, text, onRead }: PastePanelProps) {
  const notify = useNotices();
  const [typed, setTyped] = useState(editor.draft.notes?.recipe ?? "");
  const [asksCup, setAsksCup] = useState(false);
  const has = editor.draft.lines.length > 0;
  const read = useMutation({
    mutationFn: async ({ text, below }: { text: string; below: boolean }) => ({
      below,
      text,
      recipe: await taken(api.POST("/api/intake/parse", { body: { text, style: editor.draft.style } })),
    }),
    onSuccess: ({ recipe, text, below }) => {
      editor.edit({ kind: "replace", draft: withRecipe(editor.draft, recipe, text, below) });
      notify(`${recipe.lines.length} ${recipe.lines.length === 1 ? "line" : "lines"} read. Undo takes it back.`);
      setAsksCup(recipe.asksCupFilling);
      onRead(recipe);
    },
  });

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
    read.mutate({ text: dropped, below: false });
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
            read.mutate({ text: typed, below: false });
          }
        }}
      />
      <div className="flex items-center gap-2 pt-1.5">
        <button
          className="btn btn-primary btn-sm gap-1.5"
          disabled={typed.trim() === "" || read.isPending}
          title="Ctrl + Enter"
          onClick={() => read.mutate({ text: typed, below: false })}
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
        {has && (
          <button
            className="btn btn-ghost btn-sm"
            disabled={typed.trim() === "" || read.isPending}
            onClick={() => read.mutate({ text: typed, below: true })}
          >
            Add below
          </button>
        )}
      </div>
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
