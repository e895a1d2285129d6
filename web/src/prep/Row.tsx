import type { ReactNode } from "react";

/** A field with its name before it. */
export function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div className="grid grid-cols-[2.9rem_1fr] items-center gap-1 pt-1">
      <span className="soft text-xs">{name}</span>
      {children}
    </div>
  );
}
