/** Minutes and seconds as a timer shows them: 4:05, or 1:02:30; with a minus sign when it is over. */
export function clockText(seconds: number): string {
  const all = Math.round(Math.abs(seconds));
  const two = (value: number) => String(value).padStart(2, "0");
  const hours = Math.floor(all / 3600);
  const minutes = Math.floor(all / 60) % 60;
  const told = hours > 0 ? `${hours}:${two(minutes)}:${two(all % 60)}` : `${minutes}:${two(all % 60)}`;
  return seconds < 0 && all > 0 ? `−${told}` : told;
}
