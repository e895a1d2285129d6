import { type ReactNode, useRef } from "react";

interface FilePickerProps {
  label: string;
  accept: string;
  className?: string;
  disabled?: boolean;
  onPick: (file: File) => void;
  children: ReactNode;
}

/** A button that asks for a file. */
export function FilePicker({ label, accept, className, disabled, onPick, children }: FilePickerProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className={className} disabled={disabled} onClick={() => input.current?.click()}>
        {children}
      </button>
      <input
        ref={input}
        type="file"
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        accept={accept}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) {
            onPick(file);
          }
        }}
      />
    </>
  );
}
