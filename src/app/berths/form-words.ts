import type { InsideForm } from '../../core/model/plan/model-inside';

/** What a shape is called, and what it looks like. */
export const formWords: Record<InsideForm, { name: string; words: string }> = {
  'open hull': { name: 'Open hull', words: 'tug, cutter, freighter: deep, two bulkheads' },
  'planing hull': { name: 'Planing hull', words: 'flat aft, runs on its wake' },
  'twin hull': { name: 'Two hulls', words: 'a deck box between them' },
  'yacht hull': { name: 'Sailing hull', words: 'slender, with ballast under it' },
  'wheeled yacht': { name: 'Yacht on wheels', words: 'a pod, a mast, three wheels' },
  'car chassis': { name: 'Car chassis', words: 'a tray between the axles' },
  'ladder frame': { name: 'Ladder frame', words: 'rails, a cab and a bed' },
  'tracked tub': { name: 'Tracked tub', words: 'a tub, and a house over it' },
};
