import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { Plus } from "lucide-react";
import { useRef } from "react";
import type { PantryDocument, PreparedLine } from "../api";
import { useFigures } from "../figures";
import { Hint } from "../parts";
import type { Faults } from "./faults";
import { LineRow } from "./LineRow";
import type { Editor } from "./useEditor";

interface LineTableProps {
  editor: Editor;
  pantry: PantryDocument;
  faults: Faults;
  bakersPct: (number | null)[];
  /** Totals of the dough from the last balance; null before there is one. */
  totals: { flourGrams: number; doughGrams: number; prepared: (PreparedLine | null)[] } | null;
}

/** The lines of a formula, edited in place. */
export function LineTable({ editor, pantry, faults, bakersPct, totals }: LineTableProps) {
  const figures = useFigures();
  const list = useRef<HTMLOListElement>(null);
  const { draft, edit } = editor;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over) {
      edit({ kind: "move", key: String(active.id), to: draft.lines.findIndex((line) => line.key === over.id) });
    }
  };
  const add = () => {
    edit({ kind: "add" });
    requestAnimationFrame(() =>
      list.current?.querySelector<HTMLInputElement>("li:last-child [data-field=ingredient]")?.focus(),
    );
  };

  return (
    <section aria-label="In the bowl">
      <div className="soft flex items-end gap-1 pr-8 pb-1 pl-6 text-xs">
        <h2 className="section-title text-base-content flex-1">In the bowl</h2>
        <span className="w-[5.2rem] pr-2 text-right">{figures.massUnit === "g" ? "grams" : "ounces"}</span>
        <span className="w-[4.6rem] text-right whitespace-nowrap">
          baker’s %<Hint term="bakersPercentage" />
        </span>
      </div>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
        <SortableContext items={draft.lines.map((line) => line.key)} strategy={verticalListSortingStrategy}>
          <ol ref={list} className="hairline border-y">
            {draft.lines.map((line, index) => (
              <LineRow
                key={line.key}
                line={line}
                index={index}
                count={draft.lines.length}
                editor={editor}
                pantry={pantry}
                faults={faults}
                bakersPct={bakersPct[index] ?? null}
                prepared={totals?.prepared[index] ?? null}
                onPicked={() => requestAnimationFrame(() => focusGrams(list.current, index))}
                onEnter={() => (index === draft.lines.length - 1 ? add() : focusGrams(list.current, index + 1))}
              />
            ))}
            {draft.lines.length === 0 && (
              <li className="soft py-6 text-center text-sm">
                The bowl is empty. Add a flour first, then what goes with it.
              </li>
            )}
          </ol>
        </SortableContext>
      </DndContext>
      <div className="flex items-center justify-between py-1.5 pr-8">
        <button className="btn btn-ghost btn-sm text-primary gap-1 px-2" onClick={add} data-action="add-line">
          <Plus size={16} aria-hidden /> Add a line
        </button>
        {totals && (
          <p className="soft text-sm">
            flour {figures.mass(totals.flourGrams)} · dough <strong>{figures.mass(totals.doughGrams)}</strong>
          </p>
        )}
      </div>
      {faults.of(null, "lines") && <p className="text-error text-sm">{faults.of(null, "lines")}</p>}
    </section>
  );
}

function focusGrams(list: HTMLOListElement | null, index: number) {
  list?.querySelectorAll<HTMLInputElement>("[data-field=grams]")[index]?.focus();
}
