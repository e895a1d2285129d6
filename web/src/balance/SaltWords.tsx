import type { BalanceAnswer } from "../api";
import { useFigures } from "../figures";

/** All salt together: of dough, filling and preparing, in a finished piece. */
export function SaltWords({ salt }: { salt: BalanceAnswer["salt"] }) {
  const figures = useFigures();
  const parts = [
    ["dough", salt.doughGrams],
    ["filling", salt.fillingGrams],
    ["surface", salt.surfaceGrams],
    ["preparing", salt.prepGrams],
    ["other ingredients", salt.otherGrams],
  ] as const;
  if (salt.totalGrams < 0.05) {
    return null;
  }
  return (
    <p className="pt-2 text-sm" data-testid="salt">
      Salt {salt.perPieceGrams != null && <strong>{figures.number(salt.perPieceGrams, 2)} g in a piece, </strong>}
      {figures.mass(salt.totalGrams)} in all:{" "}
      {parts
        .filter(([, grams]) => grams >= 0.05)
        .map(([name, grams]) => `${figures.mass(grams)} ${name}`)
        .join(", ")}
    </p>
  );
}
