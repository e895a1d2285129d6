import { Volume2, VolumeX } from "lucide-react";
import { useEffect, useState } from "react";

const KEY = "verdamen.bench.speech";

/** Speaks each step as it comes, where the browser can; off unless it was switched on here. */
export function Speech({ words }: { words: string }) {
  const [on, setOn] = useState(() => localStorage.getItem(KEY) === "on");
  useEffect(() => {
    if (!on || words === "" || !("speechSynthesis" in window)) {
      return;
    }
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
    return () => window.speechSynthesis.cancel();
  }, [on, words]);
  if (!("speechSynthesis" in window)) {
    return null;
  }
  return (
    <button
      className="btn btn-ghost h-12 self-start"
      aria-pressed={on}
      onClick={() => {
        localStorage.setItem(KEY, on ? "off" : "on");
        setOn(!on);
      }}
    >
      {on ? <Volume2 size={18} aria-hidden /> : <VolumeX size={18} aria-hidden />} Speak the steps
    </button>
  );
}
