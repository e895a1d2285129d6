import { createContext, type ReactNode, useCallback, useContext, useRef, useState } from "react";

const NoticesContext = createContext<(text: string) => void>(() => undefined);
const SHOWN_MS = 5000;

/** Short messages at the foot of the page that go by themselves. */
export function NoticesProvider({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<{ id: number; text: string }[]>([]);
  const next = useRef(0);
  const notify = useCallback((text: string) => {
    const id = next.current++;
    setNotices((shown) => [...shown, { id, text }]);
    setTimeout(() => setNotices((shown) => shown.filter((notice) => notice.id !== id)), SHOWN_MS);
  }, []);
  return (
    <NoticesContext value={notify}>
      {children}
      <div role="status" className="pointer-events-none fixed inset-x-0 bottom-5 z-50 flex flex-col items-center gap-2">
        {notices.map(({ id, text }) => (
          <p key={id} className="bg-neutral text-neutral-content rounded-full px-5 py-2 shadow-lg">
            {text}
          </p>
        ))}
      </div>
    </NoticesContext>
  );
}

export function useNotices(): (text: string) => void {
  return useContext(NoticesContext);
}
