import { useSortable } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { ChevronDown, ChevronUp, GripVertical } from "lucide-react";
import { type KeyboardEvent, useState } from "react";
import type { PantryDocument, PreparedLine } from "../api";
import { MassField, Swatch } from "../parts";
import { boughtFor } from "./bought";
import { type DraftLine, picks, weighed } from "./draft";
import type { Faults } from "./faults";
import { IngredientPicker } from "./IngredientPicker";
import { hasMeasurements, LineDetails } from "./LineDetails";
import { LineNote } from "./LineNote";
import { PercentageField } from "./PercentageField";
import { PreparedName } from "./PreparedName";
import type { Editor } from "./useEditor";

interface LineRowProps {
  line: DraftLine;
  index: number;
  count: number;
  editor: Editor;
  pantry: PantryDocument;
  faults: Faults;
  bakersPct: number | null;
  /** What a preparation chain puts in; null for a line that none fills, or before it is known. */
  prepared: PreparedLine | null;
  /** An ingredient was chosen for a line without a weight. */
  onPicked: () => void;
  onEnter: () => void;
}

/** What another ingredient cannot keep: measurements belong to the one they were made on. */
const FORGOTTEN: Partial<DraftLine> = {
  form: null,
  measured: null,
  fatState: null,
};

/** One line of the bowl. */
export function LineRow({
  line,
  index,
  count,
  editor,
  pantry,
  faults,
  bakersPct,
  prepared,
  onPicked,
  onEnter,
}: LineRowProps) {
  const { edit } = editor;
  const [open, setOpen] = useState(false);
  const { setNodeRef, transform, transition, isDragging, attributes, listeners } = useSortable({ id: line.key });
  const ingredient = pantry.ingredients.find((each) => each.code === line.ingredient) ?? null;
  const messages = faults.ofLine(index);
  const label = (what: string) => `${what}, line ${index + 1}`;
  const set = (patch: Partial<DraftLine>) => edit({ kind: "line", key: line.key, patch });

  const shortcuts = (event: KeyboardEvent) => {
    const act: (() => void) | null = event.altKey
      ? event.key === "ArrowUp"
        ? () => edit({ kind: "move", key: line.key, to: index - 1 })
        : event.key === "ArrowDown"
          ? () => edit({ kind: "move", key: line.key, to: index + 1 })
          : event.key.toLowerCase() === "d"
            ? () => edit({ kind: "duplicate", key: line.key })
            : event.key === "Backspace"
              ? () => edit({ kind: "remove", key: line.key })
              : null
      : null;
    if (act) {
      event.preventDefault();
      event.stopPropagation();
      act();
    }
  };
  const enters = (event: KeyboardEvent) => {
    if (event.key === "Enter") {
      event.preventDefault();
      onEnter();
    }
  };

  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`hairline group border-t first:border-t-0 ${isDragging ? "bg-base-200 relative z-10 shadow-lg" : ""} ${line.part && line.part !== "dough" ? "opacity-75" : ""}`}
      onKeyDown={shortcuts}
      data-line={index}
    >
      <div className="flex items-center gap-1 py-0.5">
        <button
          {...attributes}
          {...listeners}
          className="soft hover:text-base-content w-5 shrink-0 cursor-grab opacity-35 group-hover:opacity-100 focus:opacity-100"
          aria-label={label("Move")}
          tabIndex={-1}
        >
          <GripVertical size={15} aria-hidden />
        </button>
        <Swatch material={prepared?.material ?? ingredient?.material ?? (line.prep ? "inclusion" : "other")} />
        <div className="min-w-0 flex-1">
          {line.prep ? (
            <PreparedName line={line} editor={editor} prepared={prepared} bought={boughtFor(line, editor, pantry)} />
          ) : (
            <IngredientPicker
              ingredients={pantry.ingredients}
              value={line.ingredient}
              label={label("Ingredient")}
              error={faults.of(index, "ingredient")}
              onPick={(picked) => {
                set({ ...FORGOTTEN, ...picks(line), ingredient: picked.code });
                if (line.grams === null) {
                  onPicked();
                }
              }}
            />
          )}
          {!line.prep && (
            <LineNote line={line} ingredient={ingredient} forms={pantry.forms} label={label("Form")} set={set} />
          )}
        </div>
        <MassField
          bare
          label={label("Weight")}
          className="w-[5.2rem] shrink-0"
          value={line.grams}
          error={faults.of(index, "grams")}
          dataField="grams"
          placeholder={line.open ? "open" : line.prep && prepared ? prepared.grams : ""}
          onChange={(grams) => set(weighed(line, grams))}
          onKeyDown={enters}
        />
        <PercentageField label={label("Baker's percentage")} index={index} editor={editor} pct={bakersPct} />
        <button
          className={`btn btn-ghost btn-xs btn-square shrink-0 ${hasMeasurements(line) ? "text-primary" : "soft"}`}
          aria-label={label(open ? "Less about" : "More about")}
          aria-expanded={open}
          title={hasMeasurements(line) ? "Measured values, part, copy, remove" : "Part, measured values, copy, remove"}
          onClick={() => setOpen(!open)}
        >
          {open ? <ChevronUp size={16} aria-hidden /> : <ChevronDown size={16} aria-hidden />}
        </button>
      </div>
      {messages.map((message) => (
        <p key={message} className="text-error pb-1 pl-12 text-sm" role="alert">
          {message}
        </p>
      ))}
      {open && (
        <LineDetails
          line={line}
          index={index}
          count={count}
          ingredient={ingredient}
          pantry={pantry}
          editor={editor}
          faults={faults}
        />
      )}
    </li>
  );
}
