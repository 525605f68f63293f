import { formatQuantity } from './format';

/** Beyond this many minutes a person thinks in hours. */
const longMinutes = 180;

/** How long something lasts, as people say it: `42 min`, `5.5 h`, `22 h`. @param minutes finite, 0 or more */
export function runTimeWords(minutes: number): string {
  if (minutes < longMinutes) return formatQuantity(minutes, 'min');
  const hours = minutes / 60;
  return `${hours.toFixed(hours < 10 ? 1 : 0)} h`;
}
