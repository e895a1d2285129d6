import { type ReactNode, useLayoutEffect, useRef } from "react";

/** A modal dialog over the browser's own: focus goes to what is marked data-autofocus, stays inside, Escape closes it. */
export function Dialog({ title, onClose, children }: { title: string; onClose: () => void; children: ReactNode }) {
  const dialog = useRef<HTMLDialogElement>(null);
  useLayoutEffect(() => {
    const element = dialog.current;
    if (element && !element.open) {
      element.showModal();
      element.querySelector<HTMLElement>("[data-autofocus=true]")?.focus();
    }
  }, []);
  return (
    <dialog
      ref={dialog}
      aria-label={title}
      className="bg-base-100 text-base-content hairline m-auto w-[34rem] max-w-[92vw] rounded-2xl border p-7 shadow-2xl backdrop:bg-black/45"
      onClose={onClose}
      onClick={(event) => {
        if (event.target === dialog.current) {
          onClose();
        }
      }}
    >
      <h2 className="mb-4 text-2xl">{title}</h2>
      {children}
    </dialog>
  );
}
