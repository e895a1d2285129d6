import {
  autoUpdate,
  flip,
  FloatingPortal,
  offset,
  shift,
  useClick,
  useDismiss,
  useFloating,
  useInteractions,
} from "@floating-ui/react";
import { useId, useState } from "react";
import { GLOSSARY, type GlossaryTerm } from "../words";

const GAP = 4;
const EDGE = 8;

/** A "?" beside a term of the trade that opens a short explanation. It closes with Escape or a press elsewhere. */
export function Hint({ term }: { term: GlossaryTerm }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [note, setNote] = useState<HTMLElement | null>(null);
  const { floatingStyles, context } = useFloating({
    elements: { reference: anchor, floating: note },
    open,
    onOpenChange: setOpen,
    placement: "bottom-start",
    middleware: [offset(GAP), flip({ padding: EDGE }), shift({ padding: EDGE })],
    whileElementsMounted: autoUpdate,
  });
  const { getReferenceProps, getFloatingProps } = useInteractions([useClick(context), useDismiss(context)]);
  return (
    <>
      <button
        ref={setAnchor}
        type="button"
        className="soft hairline hover:bg-base-300 ml-1 inline-flex size-4 items-center justify-center rounded-full border text-[0.65rem] leading-none"
        aria-label={`What is ${GLOSSARY[term].name}?`}
        aria-expanded={open}
        aria-controls={open ? id : undefined}
        {...getReferenceProps()}
      >
        ?
      </button>
      {open && (
        <FloatingPortal>
          <span
            ref={setNote}
            style={floatingStyles}
            id={id}
            role="note"
            className="bg-neutral text-neutral-content z-50 block w-64 rounded-lg p-3 text-left text-xs leading-snug shadow-xl"
            {...getFloatingProps()}
          >
            <strong className="block">{GLOSSARY[term].name}</strong>
            {GLOSSARY[term].text}
          </span>
        </FloatingPortal>
      )}
    </>
  );
}
