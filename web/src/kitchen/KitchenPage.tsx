import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Kitchen, kitchenQuery, measuresQuery, taken } from "../api";
import { KitchenPans } from "./KitchenPans";
import { NumberField, ErrorNotice, ProblemNotice, useNotices } from "../parts";
import { useFigures } from "../figures";
import { useProblem, WRITING } from "../words";

interface KitchenChoice {
  field: keyof Kitchen;
  label: string;
  note?: string;
  options: readonly { code: string; name: string }[];
}

const CHOICES: KitchenChoice[] = [
  { field: "massUnit", ...WRITING.massUnit },
  { field: "lengthUnit", ...WRITING.lengthUnit, note: "of pieces, pans and trays; how thick a sheet is stays in mm" },
  { field: "temperatureUnit", ...WRITING.temperatureUnit },
  {
    field: "cupFilling",
    label: "A cup of flour",
    options: [
      { code: "spooned", name: "spooned" },
      { code: "scooped", name: "scooped" },
      { code: "not-told", name: "not known" },
    ],
  },
  { field: "decimalMark", ...WRITING.decimalMark },
  {
    field: "dateOrder",
    label: "Dates",
    options: [
      { code: "day-month", name: "24 Nov 2026" },
      { code: "month-day", name: "Nov 24, 2026" },
      { code: "iso", name: "2026-11-24" },
    ],
  },
];

/** The kitchen's settings. */
export function KitchenPage() {
  const kitchen = useQuery(kitchenQuery);
  return (
    <main className="mx-auto max-w-2xl px-6 py-10">
      <h1 className="text-3xl">Kitchen</h1>
      <p className="soft mt-1 mb-8">How this kitchen writes its figures. Formulas keep grams and °C underneath.</p>
      <ErrorNotice error={kitchen.error} />
      {kitchen.data && (
        <>
          <KitchenForm saved={kitchen.data} />
          <KitchenPans saved={kitchen.data} />
        </>
      )}
    </main>
  );
}

function KitchenForm({ saved }: { saved: Kitchen }) {
  const queries = useQueryClient();
  const notify = useNotices();
  const figures = useFigures();
  const [edited, setEdited] = useState(saved);
  const save = useMutation({
    // The pans have a form of their own, and stay as they are.
    mutationFn: (body: Kitchen) => taken(api.PUT("/api/kitchen", { body: { ...body, pans: null } })),
    onSuccess: (kitchen) => {
      queries.setQueryData(kitchenQuery.queryKey, kitchen);
      void queries.invalidateQueries({ queryKey: measuresQuery.queryKey });
      notify("Kitchen settings saved.");
    },
  });
  const change = (patch: Partial<Kitchen>) => {
    const next = { ...edited, ...patch };
    setEdited(next);
    if (!("name" in patch) && !("currency" in patch)) {
      save.mutate(next);
    }
  };
  const problem = useProblem(save.error);
  return (
    <form
      className="flex flex-col gap-6"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(edited);
      }}
    >
      <label className="flex items-center gap-4">
        <span className="w-36">Name</span>
        <input
          className="quiet-field framed max-w-sm"
          value={edited.name}
          aria-invalid={problem?.field === "name"}
          onChange={(event) => change({ name: event.target.value })}
        />
        <button
          className="btn btn-sm btn-primary"
          disabled={edited.name === saved.name && edited.currency === saved.currency}
        >
          Save
        </button>
      </label>
      <label className="flex items-center gap-4">
        <span className="w-36">Currency</span>
        <input
          className="quiet-field framed max-w-20"
          value={edited.currency}
          maxLength={5}
          aria-invalid={problem?.field === "currency"}
          onChange={(event) => change({ currency: event.target.value })}
        />
      </label>
      <label className="flex items-center gap-4">
        <span className="w-36">The kitchen’s cup</span>
        <NumberField
          framed
          label="The kitchen’s cup"
          className="w-24"
          unit="ml"
          value={edited.cupMl}
          format={(ml) => figures.number(ml, 0)}
          error={problem?.field === "cupMl" ? problem.detail : null}
          onChange={(cupMl) => typeof cupMl === "number" && change({ cupMl })}
        />
        <span className="soft text-sm">in millilitres; other measures are under Pantry</span>
      </label>
      {CHOICES.map(({ field, label, note, options }) => (
        <fieldset key={field} className="flex items-center gap-4">
          <legend className="contents">
            <span className="w-36 shrink-0">{label}</span>
          </legend>
          <div className="join shrink-0">
            {options.map(({ code, name }) => (
              <label key={code} className="join-item btn btn-sm has-checked:btn-neutral">
                <input
                  type="radio"
                  className="sr-only"
                  name={field}
                  checked={edited[field] === code}
                  onChange={() => change({ [field]: code })}
                />
                {name}
              </label>
            ))}
          </div>
          {note && <span className="soft text-sm">{note}</span>}
        </fieldset>
      ))}
      <ProblemNotice problem={problem} />
    </form>
  );
}
