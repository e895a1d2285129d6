import { createContext, type ReactNode, useCallback, useContext, useRef, useState } from "react";

/** Tells something; what can be undone for a while comes with how. */
type Notify = (text: string, undo?: () => void) => void;

const NoticesContext = createContext<Notify>(() => undefined);
const SHOWN_MS = 5000;
const UNDO_MS = 12_000;

/** Short messages at the foot of the page that go by themselves. */
export function NoticesProvider({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<{ id: number; text: string; undo?: () => void }[]>([]);
  const next = useRef(0);
  const notify = useCallback<Notify>((text, undo) => {
    const id = next.current++;
    // Told once more, it stands there once; what can be undone stays.
    setNotices((shown) => [...shown.filter((each) => each.text !== text || each.undo), { id, text, undo }]);
    setTimeout(() => setNotices((shown) => shown.filter((notice) => notice.id !== id)), undo ? UNDO_MS : SHOWN_MS);
  }, []);
  return (
    <NoticesContext value={notify}>
      {children}
      <div role="status" className="pointer-events-none fixed inset-x-0 bottom-5 z-50 flex flex-col items-center gap-2">
        {notices.map(({ id, text, undo }) => (
          <p key={id} className="bg-neutral text-neutral-content rounded-full px-5 py-2 shadow-lg">
            {text}
            {undo && (
              <button
                className="link pointer-events-auto pl-3 font-semibold"
                onClick={() => {
                  undo();
                  setNotices((shown) => shown.filter((notice) => notice.id !== id));
                }}
              >
                Undo
              </button>
            )}
          </p>
        ))}
      </div>
    </NoticesContext>
  );
}

export function useNotices(): Notify {
  return useContext(NoticesContext);
}
