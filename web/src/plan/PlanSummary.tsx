import type { DayPlan, PlanState } from "../api";
import { clockWords, durationWords, gapWords, placeName } from "../words";
import { minuteNow } from "./draft";

interface PlanSummaryProps {
  state: PlanState;
  plan: DayPlan;
  day: string;
}

/** When work begins, and what the plan comes to. */
export function PlanSummary({ state, plan, day }: PlanSummaryProps) {
  const { servings } = state;
  const gap = gapWords(plan.gap);
  return (
    <p className="py-2" data-testid="plan-words">
      Begin at <strong>{clockWords(plan.begins)}</strong>
      {passed(day, plan.begins)}
      {plan.late === 0
        ? `${state.missed.length > 0 ? ", with what is missed above" : ""}, and everything is ready when it is served`
        : `; servings are ${durationWords(plan.late)} late in all`}
      . {durationWords(plan.handsOn)} of work by hand, {plan.handOvers === 0 ? "no" : plan.handOvers} hand-over
      {plan.handOvers === 1 ? "" : "s"}; the last piece
      {servings.length > 1 ? "s of all servings together stand" : " stands"} {durationWords(plan.standing)} from the pan
      until served
      {plan.fridgeLitres > 0 ? `; at most ${plan.fridgeLitres} litres in the fridge` : ""}
      {plan.trays ? `; at most ${placeName("tray", plan.trays)} at a time` : ""}.{" "}
      {gap && <span className="soft">There may be a better plan: {gap}. This is the best that was found in time.</span>}
    </p>
  );
}

/** That work should have been begun by now. */
function passed(day: string, begins: number) {
  const now = minuteNow(day);
  return now !== null && now > begins ? ` (${durationWords(now - begins)} ago)` : "";
}
