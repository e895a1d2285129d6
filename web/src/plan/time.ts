const MINUTES_PER_HOUR = 60;
const MINUTES_PER_DAY = 24 * MINUTES_PER_HOUR;
const NOON = 12;

const WRITTEN = /^(\d{1,2})(?:[:.h ]?([0-5]\d))? ?(am|pm|a\.m\.|p\.m\.)?(?!\d)(.*)$/;
const BEFORE = /^(?:,? ?(?:on )?(?:the )?(?:day before|evening before|night before|previous day|yesterday)|-1d?)$/;
const AFTER = /^(?:,? ?(?:on )?(?:the )?(?:next day|day after|tomorrow)|\+1d?)$/;

/**
 * A time as it is typed, in minutes from the beginning of the day that is planned: 7, 730, 7:30, 7.30, 7 pm, 18:00 the day before.
 * NaN for what is no time, null for nothing.
 */
export function timeOf(text: string): number | null {
  const typed = text.trim().toLowerCase().replace("−", "-").replace(/\s+/g, " ");
  if (typed === "") {
    return null;
  }
  const parts = WRITTEN.exec(typed);
  if (!parts) {
    return NaN;
  }
  const hour = hourOf(Number(parts[1]), parts[3]?.[0]);
  const day = dayOf((parts[4] ?? "").trim());
  return hour * MINUTES_PER_HOUR + Number(parts[2] ?? 0) + day * MINUTES_PER_DAY;
}

function hourOf(hour: number, half: string | undefined): number {
  if (half === undefined) {
    return hour < 24 ? hour : NaN;
  }
  return hour >= 1 && hour <= NOON ? (hour % NOON) + (half === "p" ? NOON : 0) : NaN;
}

function dayOf(said: string): number {
  if (said === "") {
    return 0;
  }
  return BEFORE.test(said) ? -1 : AFTER.test(said) ? 1 : NaN;
}
