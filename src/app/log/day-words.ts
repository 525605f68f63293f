import { format, parseISO } from 'date-fns';

/** A day as it is read: `27 November 2026`. */
export const dayWords = (on: string): string => format(parseISO(on), 'd MMMM yyyy');

/** A day for a field of dates: `2026-11-27`. */
export const dayField = (on: string): string => format(parseISO(on), 'yyyy-MM-dd');
