import { FileDown } from "lucide-react";
import { useState } from "react";

/** Takes a saved formula out as a file. */
export function ExportMenu({ id }: { id: number }) {
  const [open, setOpen] = useState(false);
  const item = "hover:bg-base-300 block rounded-md px-3 py-1.5 text-sm";
  return (
    <div
      className="relative"
      onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && setOpen(false)}
      onKeyDown={(event) => event.key === "Escape" && setOpen(false)}
    >
      <button className="btn btn-ghost btn-sm gap-1.5" aria-expanded={open} onClick={() => setOpen(!open)}>
        <FileDown size={17} aria-hidden /> Export
      </button>
      {open && (
        <div className="bg-base-100 hairline absolute top-full right-0 z-30 mt-1 w-72 rounded-lg border p-1 shadow-xl">
          <a className={item} href={`/api/files/formulas?id=${id}`} download>
            Formula file
            <span className="soft block text-xs">all saved versions, for another Verdamen</span>
          </a>
          <a className={item} href={`/api/files/formulas/${id}/recipe`} download>
            Recipe, JSON-LD
            <span className="soft block text-xs">the newest version, for other programs</span>
          </a>
        </div>
      )}
    </div>
  );
}
