/** A fault in plain words, beside what caused it. */
export function Faulty({ message }: { message: string | null }) {
  return message ? (
    <p role="alert" className="text-error pt-0.5 text-xs">
      {message}
    </p>
  ) : null;
}
