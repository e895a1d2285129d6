/** The mark: a round of dough with a beam across it. */
export function Mark() {
  return (
    <svg width="26" height="26" viewBox="0 0 32 32" aria-hidden="true">
      <circle cx="16" cy="16" r="15" fill="var(--color-base-300)" />
      <g stroke="currentColor" strokeWidth="2.6" strokeLinecap="round">
        <path d="M5 13.5 27 18.5M16 16v8M11 24h10" />
      </g>
      <circle cx="16" cy="16" r="2.6" fill="currentColor" />
    </svg>
  );
}
