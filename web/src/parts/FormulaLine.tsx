import { Fragment } from "react";
import type { FormulaPart } from "../words";

/** A formula, its coefficients set off from its inputs. */
export function FormulaLine({ parts }: { parts: FormulaPart[] }) {
  return parts.map(({ kind, name, text }, at) => (
    <Fragment key={at}>
      {kind === "coefficient" ? (
        <b className="font-semibold" data-coefficient={name}>
          {text}
        </b>
      ) : (
        text
      )}
    </Fragment>
  ));
}
