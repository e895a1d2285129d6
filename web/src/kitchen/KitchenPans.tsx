import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Plus, X } from "lucide-react";
import { useState } from "react";
import { api, type Kitchen, kitchenQuery, taken } from "../api";
import { useFigures } from "../figures";
import {
  asSent,
  SizeField,
  IconButton,
  NumberField,
  ProblemNotice,
  Said,
  type NumberEntry,
  useNotices,
} from "../parts";
import { useProblem } from "../words";

type Pan = NonNullable<Kitchen["pans"]>[number];

/** A pan being edited: a number may still be text that is not one. */
interface DraftPan {
  kind: string;
  name: string;
  diameterMm: NumberEntry;
  burnerW: NumberEntry;
  material: string;
}

const KINDS = ["pan", "press", "cutter", "peel"];
const FIELDS = ["name", "diameterMm", "burnerW", "material"];

function drafted(pans: Pan[]): DraftPan[] {
  return pans.map((pan) => ({
    ...pan,
    diameterMm: pan.diameterMm ?? null,
    burnerW: pan.burnerW ?? null,
    material: pan.material ?? "",
  }));
}

function sent(pans: DraftPan[]): Pan[] {
  return pans.map((pan) => ({
    ...pan,
    diameterMm: asSent(pan.diameterMm),
    burnerW: asSent(pan.burnerW),
    material: pan.material || null,
  }));
}

/** The kitchen's pans, presses, cutters and peels: Portion offers them. */
export function KitchenPans({ saved }: { saved: Kitchen }) {
  const queries = useQueryClient();
  const notify = useNotices();
  const figures = useFigures();
  const [pans, setPans] = useState(() => drafted(saved.pans ?? []));
  const save = useMutation({
    // What else was changed on this page meanwhile stays.
    mutationFn: () => {
      const now = queries.getQueryData(kitchenQuery.queryKey) ?? saved;
      return taken(api.PUT("/api/kitchen", { body: { ...now, pans: sent(pans) } }));
    },
    onSuccess: (kitchen) => {
      queries.setQueryData(kitchenQuery.queryKey, kitchen);
      setPans(drafted(kitchen.pans ?? []));
      notify("Pans saved.");
    },
  });
  const problem = useProblem(save.error);
  const faultOf = (index: number, field: string) =>
    problem?.faults?.find((fault) => fault.field === `pans[${index}].${field}`)?.message ?? null;
  const isSaidBeside = pans.some((_, index) => FIELDS.some((field) => faultOf(index, field)));
  const set = (index: number, patch: Partial<DraftPan>) =>
    setPans(pans.map((each, at) => (at === index ? { ...each, ...patch } : each)));
  const unchanged = JSON.stringify(pans) === JSON.stringify(drafted(saved.pans ?? []));
  return (
    <form
      className="mt-10"
      data-testid="kitchen-pans"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <h2 className="text-xl">Pans, presses, cutters and peels</h2>
      <p className="soft mt-1 mb-3 text-sm">What a piece has to fit, and what heats it. Portion offers them.</p>
      {pans.length === 0 && <p className="soft text-sm">None yet.</p>}
      {pans.map((pan, index) => {
        const place = `${index + 1}`;
        return (
          <div key={index} className="hairline flex flex-wrap items-center gap-2 border-t py-1 text-sm">
            <select
              className="quiet-field framed w-24"
              aria-label={`Kind ${place}`}
              value={pan.kind}
              onChange={(event) => set(index, { kind: event.target.value })}
            >
              {KINDS.map((kind) => (
                <option key={kind}>{kind}</option>
              ))}
            </select>
            <input
              className="quiet-field framed w-40"
              aria-label={`Name ${place}`}
              placeholder="name"
              value={pan.name}
              aria-invalid={faultOf(index, "name") !== null}
              onChange={(event) => set(index, { name: event.target.value })}
            />
            <SizeField
              className="w-20"
              label={`Across ${place}`}
              placeholder="across"
              value={pan.diameterMm}
              error={faultOf(index, "diameterMm")}
              onChange={(diameterMm) => set(index, { diameterMm })}
            />
            <NumberField
              framed
              unit="W"
              className="w-24"
              label={`Burner ${place}`}
              placeholder="burner"
              value={pan.burnerW}
              format={(value) => figures.number(value, 0)}
              error={faultOf(index, "burnerW")}
              onChange={(burnerW) => set(index, { burnerW })}
            />
            <input
              className="quiet-field framed w-28"
              aria-label={`Material ${place}`}
              placeholder="material"
              value={pan.material}
              aria-invalid={faultOf(index, "material") !== null}
              onChange={(event) => set(index, { material: event.target.value })}
            />
            <IconButton
              label={`Remove ${pan.name || place}`}
              onClick={() => setPans(pans.filter((_, at) => at !== index))}
            >
              <X size={14} aria-hidden />
            </IconButton>
            <Said messages={FIELDS.map((field) => faultOf(index, field))} />
          </div>
        );
      })}
      <div className="flex gap-2 pt-3">
        <button
          type="button"
          className="btn btn-sm btn-ghost"
          onClick={() => setPans([...pans, { kind: "pan", name: "", diameterMm: null, burnerW: null, material: "" }])}
        >
          <Plus size={14} aria-hidden /> Add one
        </button>
        <button className="btn btn-sm btn-primary" disabled={unchanged || save.isPending}>
          Save pans
        </button>
      </div>
      {!isSaidBeside && <ProblemNotice problem={problem} />}
    </form>
  );
}
