import type { ReactNode } from "react";

/** A field with its name above it, and a line below that says more. */
export function Field({ name, more, children }: { name: string; more?: ReactNode; children: ReactNode }) {
  return (
    <label className="block pt-2 text-sm">
      <span className="block pb-0.5">{name}</span>
      {children}
      {more && <span className="soft block pt-0.5 text-xs">{more}</span>}
    </label>
  );
}
