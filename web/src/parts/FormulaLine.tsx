import type { FormulaPart } from "../words";

/** A formula, its coefficients set off from its inputs and its exponents raised. */
export function FormulaLine({ parts }: { parts: FormulaPart[] }) {
  return parts.map((part, at) =>
    part.raised ? (
      <sup key={at}>
        <Piece {...part} />
      </sup>
    ) : (
      <Piece key={at} {...part} />
    ),
  );
}

function Piece({ kind, name, text }: FormulaPart) {
  return kind === "coefficient" ? (
    <b className="font-semibold" data-coefficient={name}>
      {text}
    </b>
  ) : (
    text
  );
}
