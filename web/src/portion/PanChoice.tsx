import { useQuery } from "@tanstack/react-query";
import { kitchenQuery } from "../api";
import type { DraftPortion } from "../formula";
import { useFigures } from "../figures";
import { Field } from "./Field";

interface PanChoiceProps {
  portion: DraftPortion;
  /** Kinds that are offered here. */
  kinds: readonly string[];
  onPortion: (patch: Partial<DraftPortion>, tag?: string) => void;
}

/** One of the kitchen's own pans, presses, cutters and peels: how wide it is and what heats it. */
export function PanChoice({ portion, kinds, onPortion }: PanChoiceProps) {
  const figures = useFigures();
  const { data } = useQuery(kitchenQuery);
  const pans = data?.pans?.filter(({ kind }) => kinds.includes(kind)) ?? [];
  if (pans.length === 0) {
    return null;
  }
  return (
    <Field name="Which of the kitchen’s own">
      <select
        className="quiet-field framed"
        aria-label="Which of the kitchen’s own"
        value={pans.some(({ name }) => name === portion.panName) ? (portion.panName ?? "") : ""}
        onChange={(event) => {
          const pan = pans.find(({ name }) => name === event.target.value);
          onPortion(
            pan
              ? { panName: pan.name, panMm: pan.diameterMm ?? null, burnerW: pan.burnerW ?? portion.burnerW ?? null }
              : { panName: null },
          );
        }}
      >
        <option value="">none of them</option>
        {pans.map(({ name, diameterMm }) => (
          <option key={name} value={name}>
            {name}
            {diameterMm ? `, ${figures.size(diameterMm)}` : ""}
          </option>
        ))}
      </select>
    </Field>
  );
}
