import { useState } from "react";
import type { MeasuresDocument } from "../api";
import { VesselForm } from "../formula";

/** Adds a vessel of the kitchen's own. */
export function OwnVessel({ onChange }: { onChange: (measures: MeasuresDocument) => void }) {
  const [name, setName] = useState("");
  return (
    <VesselForm
      name={name}
      label="Volume of the vessel"
      button="Add vessel"
      className="pt-1"
      onKept={(measures) => {
        setName("");
        onChange(measures);
      }}
    >
      {(refused) => (
        <input
          className="quiet-field framed !w-48"
          aria-label="Name of the vessel"
          placeholder="mill scoop, ladle…"
          maxLength={40}
          value={name}
          aria-invalid={refused === "name"}
          onChange={(event) => setName(event.target.value)}
        />
      )}
    </VesselForm>
  );
}
