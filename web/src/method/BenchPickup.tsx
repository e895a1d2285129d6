import type { MethodAnswer } from "../api";
import type { Editor, Faults } from "../formula";
import { useFigures } from "../figures";
import { Faulty, Hint, MassField, type NumberEntry } from "../parts";

interface BenchPickupProps {
  answer: MethodAnswer | null;
  editor: Editor;
  faults: Faults;
}

const WHAT: Record<string, string> = { "bench-flour": "flour", "wet-hands": "water", oiled: "oil", sheets: "nothing" };

/** What the dough takes up while it is rolled: typical, or weighed before and after. */
export function BenchPickup({ answer, editor, faults }: BenchPickupProps) {
  const figures = useFigures();
  const method = editor.draft.method ?? {};
  const sticking = method.sticking ?? null;
  const weight = (field: "pickupBeforeGrams" | "pickupAfterGrams" | "pickupGrams", label: string) => (
    <div>
      <span className="soft block pb-0.5 text-xs">{label}</span>
      <MassField
        label={`On the bench: ${label}`}
        value={(method[field] ?? null) as NumberEntry}
        placeholder={field === "pickupGrams" && answer ? answer.pickupGrams : ""}
        error={faults.of(null, `method.${field}`)}
        dataField={field}
        onChange={(grams) => editor.edit({ kind: "method", patch: { [field]: grams } })}
      />
      <Faulty message={faults.of(null, `method.${field}`)} />
    </div>
  );
  return (
    <section aria-label="From bench and hands">
      <h2 className="section-title pb-1">
        From bench and hands
        <Hint term="pickup" />
      </h2>
      {sticking === null ? (
        <p className="soft text-sm">Nothing is counted. Choose above what stops the dough from sticking.</p>
      ) : (
        <>
          <p className="text-sm" data-testid="pickup">
            The dough takes up {answer ? figures.mass(answer.pickupGrams) : "…"} of {WHAT[sticking]}
            <span className="soft">{answer?.pickupWeighed ? ", as weighed" : ", a typical value"}.</span>{" "}
            <button
              className="btn btn-xs btn-ghost"
              onClick={() => editor.edit({ kind: "method", patch: { sticking: null } })}
            >
              Count nothing
            </button>
          </p>
          {sticking !== "sheets" && (
            <div className="grid grid-cols-3 gap-3 pt-1 text-sm">
              {weight("pickupBeforeGrams", "stood there before")}
              {weight("pickupAfterGrams", "is left")}
              {weight("pickupGrams", "or taken up")}
            </div>
          )}
        </>
      )}
    </section>
  );
}
