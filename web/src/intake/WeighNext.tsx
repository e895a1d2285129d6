import { Scale } from "lucide-react";
import type { BalanceAnswer, PantryDocument } from "../api";
import { useFigures } from "../figures";
import { waterRange } from "../words";

interface WeighNextProps {
  next: NonNullable<BalanceAnswer["water"]["weighNext"]>;
  water: BalanceAnswer["water"];
  pantry: PantryDocument;
}

/** The line whose weighing would narrow the water most, and the range it would leave. */
export function WeighNext({ next, water, pantry }: WeighNextProps) {
  const figures = useFigures();
  const name = pantry.ingredients.find(({ code }) => code === next.ingredient)?.name ?? `line ${next.line + 1}`;
  return (
    <p className="flex gap-2 pt-3 text-sm" data-testid="weigh-next">
      <Scale size={16} aria-hidden className="text-primary mt-0.5 shrink-0" />
      <span>
        Water, as measured: {waterRange(water.told, figures)}. Weigh <strong>{name}</strong>, and the range narrows to{" "}
        {waterRange(next, figures)}.
      </span>
    </p>
  );
}
