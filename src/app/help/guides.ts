import type { Build } from '../../core/model/plan/build';

/** What brings somebody here; each is led along another way. */
export const people = {
  look: 'A look around: the tug',
  refit: 'I refit a ready-made model',
  own: 'I build my own',
} as const;
export type Person = keyof typeof people;

/** What the person has done, as the page sees it. */
interface Seen {
  build: Build;
  /** The build as it was when the step began. */
  before: Build;
  pathname: string;
  view: string | null;
  isWellOpen: boolean;
  isPreviewing: boolean;
  stops: number;
}

export interface GuideStep {
  words: string;
  isDone: (seen: Seen) => boolean;
}

const isOther = ({ build, before }: Seen): boolean => build.id !== before.id;
const hasMore =
  (list: 'fittings' | 'leads' | 'ticks') =>
  ({ build, before }: Seen): boolean =>
    build[list].length > (build.id === before.id ? before[list].length : 0);

const firstTick: GuideStep = {
  words:
    'Fit-out (6) turns the plan into steps for the bench. Open it, and tick the first one that you have done.',
  isDone: hasMore('ticks'),
};
const wireIt: GuideStep = {
  words: 'Loom (3): “Wire it for me” proposes every lead. Look at them, and take those that you want.',
  isDone: hasMore('leads'),
};

/** The way of each kind of person; a step ends by itself once it is done. */
export const guides: Record<Person, readonly GuideStep[]> = {
  look: [
    {
      words: 'The hull above has five wells. Water means trouble. Open the Voltage well.',
      isDone: ({ isWellOpen }) => isWellOpen,
    },
    {
      words:
        'A finding gives the two numbers that decide it. Press its first button: it only shows what it would change.',
      isDone: ({ isPreviewing }) => isPreviewing,
    },
    {
      words: 'Goes, comes, and the dashed waterline: that is what you would get. Now press “Do it”.',
      isDone: ({ build, before }) => build !== before,
    },
    {
      words:
        'One problem fixed; Undo reverses it. Go on until every well is dry. Then Trial (5) shows what happens under way.',
      isDone: ({ pathname }) => pathname === '/trial',
    },
    firstTick,
  ],
  refit: [
    {
      words:
        'Open “Field tractor” in the list of builds, by the name above, or begin your own there with “New build…”.',
      isDone: isOther,
    },
    {
      words: 'Brief (1): add what the model shall get, and choose the part that does it.',
      isDone: hasMore('fittings'),
    },
    wireIt,
    {
      words:
        'Now the wells: each flooded one has a finding, with the two numbers that decide it and what would cure it.',
      isDone: ({ stops }) => stops === 0,
    },
    {
      words: 'Fit-out (6), “Refit”: choose what was found, and see what comes out, goes in and is set anew.',
      isDone: ({ view }) => view === 'refit',
    },
  ],
  own: [
    {
      words:
        'In the list of builds, by the name above, take “New build…”: a name and a kind of model are enough.',
      isDone: isOther,
    },
    {
      words: 'Brief (1): give each function a part, or let “Choose parts that fit together” do it.',
      isDone: ({ build }) => build.fittings.length > 2,
    },
    wireIt,
    {
      words: 'Berths (4): choose the shape of the model, then “Place them for me”.',
      isDone: ({ build }) => build.inside !== undefined,
    },
    {
      words: 'Trial (5): see what the model does under way, and what gives first.',
      isDone: ({ pathname }) => pathname === '/trial',
    },
    firstTick,
  ],
};
