import { TriangleAlert } from "lucide-react";
import type { Caution } from "../api";

/** The open cautions of one step, in short: each opens to its text. */
export function StepCautions({ cautions, at }: { cautions: Caution[]; at: string }) {
  const here = cautions.filter((caution) => caution.at === at && caution.acknowledgedBy == null);
  return here.map((caution) => (
    <details key={caution.code} className="pt-1 text-xs leading-snug">
      <summary className="text-warning flex cursor-pointer items-start gap-1 font-semibold">
        <TriangleAlert size={13} className="mt-px shrink-0" aria-hidden /> {caution.title}
      </summary>
      {caution.text}
    </details>
  ));
}
