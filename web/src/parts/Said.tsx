interface SaidProps {
  /** What is wrong with what is typed here; what is absent is nothing. */
  messages: (string | null)[];
}

/** What is wrong with what is typed, below it, each once. */
export function Said({ messages }: SaidProps) {
  return [...new Set(messages)]
    .filter((message) => message !== null)
    .map((message) => (
      <p key={message} role="alert" className="text-error basis-full pt-1 text-sm">
        {message}
      </p>
    ));
}
