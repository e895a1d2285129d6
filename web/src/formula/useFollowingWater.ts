import { useEffect } from "react";
import { useBalance } from "./useBalance";
import type { Editor } from "./useEditor";

const NOTHING = { lines: [] };

/**
 * Water that was left to the dough follows what it needs, until somebody types it. Only a formula that is being changed is
 * changed further: one that is just looked at stays as it was saved.
 */
export function useFollowingWater({ balanced, draft, changed, edit }: Editor) {
  const follows = changed && draft.lines.some((line) => line.origin?.follows);
  const { answer, current } = useBalance(follows ? balanced : NOTHING);
  const following = follows && current ? answer?.following : null;
  useEffect(() => {
    if (following) {
      edit({ kind: "follow", index: following.line, patch: { grams: following.grams, sd: following.sd }, of: draft });
    }
  }, [following, draft, edit]);
}
