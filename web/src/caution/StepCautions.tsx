import { TriangleAlert } from "lucide-react";
import type { Caution } from "../api";
import { useFigures } from "../figures";
import { cautionWords } from "../words";

/** The open cautions of one step, in short: each opens to its text. */
export function StepCautions({ cautions, at }: { cautions: Caution[]; at: string }) {
  const figures = useFigures();
  const here = cautions.filter((caution) => caution.at === at && caution.acknowledgedBy == null);
  return here.map((caution) => (
    <details key={caution.code} className="pt-1 text-xs leading-snug">
      <summary className="text-warning flex cursor-pointer items-start gap-1 font-semibold">
        <TriangleAlert size={13} className="mt-px shrink-0" aria-hidden /> {cautionWords(caution, figures).title}
      </summary>
      {cautionWords(caution, figures).text}
    </details>
  ));
}
