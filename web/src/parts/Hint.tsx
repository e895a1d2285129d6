import { useId, useRef, useState } from "react";
import { GLOSSARY, type GlossaryTerm } from "../words";

/** A "?" beside a term of the trade that opens a short explanation. */
export function Hint({ term, align = "left" }: { term: GlossaryTerm; align?: "left" | "right" }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  const button = useRef<HTMLButtonElement>(null);
  return (
    <span className="relative inline-block align-baseline">
      <button
        ref={button}
        type="button"
        className="soft hairline hover:bg-base-300 ml-1 inline-flex size-4 items-center justify-center rounded-full border text-[0.65rem] leading-none"
        aria-label={`What is ${GLOSSARY[term].name}?`}
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
        onBlur={() => setOpen(false)}
        onKeyDown={(event) => {
          if (event.key === "Escape" && open) {
            event.stopPropagation();
            setOpen(false);
          }
        }}
      >
        ?
      </button>
      {open && (
        <span
          id={id}
          role="note"
          className={`bg-neutral text-neutral-content absolute top-6 z-30 w-64 rounded-lg p-3 text-left font-sans text-xs leading-snug font-normal normal-case shadow-xl ${align === "right" ? "right-0" : "left-0"}`}
        >
          <strong className="block">{GLOSSARY[term].name}</strong>
          {GLOSSARY[term].text}
        </span>
      )}
    </span>
  );
}
