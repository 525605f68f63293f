import type { Policies } from './policies';

export interface School {
  key: keyof Policies;
  name: string;
  /** The default comes first. */
  choices: { value: string | number; words: string; why: string }[];
}

/** Your preferences, with one sentence of reason for each side. */
export const schools: readonly School[] = [
  {
    key: 'redWires',
    name: 'Several built-in BECs',
    choices: [
      {
        value: 'oneIn',
        words: 'one stays in',
        why: 'The strongest feeds the rail; the other red wires are lifted.',
      },
      {
        value: 'standAlone',
        words: 'one of its own',
        why: 'All are lifted and a stand-alone BEC feeds the rail.',
      },
      {
        value: 'parallel',
        words: 'as delivered',
        why: 'They fight; it stays listed as a stop until you accept it.',
      },
    ],
  },
  {
    key: 'servoFeed',
    name: 'High-voltage servos',
    choices: [
      {
        value: 'rail',
        words: 'from the rail',
        why: 'The rail is raised to their volts, and everything on it must stand that.',
      },
      {
        value: 'raw',
        words: 'straight from the pack',
        why: 'Only signal and ground come from the receiver; “Wire it for me” does so where a servo stands the pack.',
      },
    ],
  },
  {
    key: 'regulatorSizing',
    name: 'Sizing the BEC',
    choices: [
      {
        value: 'twoWorst',
        words: 'two worst stalled',
        why: 'The usual worst second: two servos on their stops, the rest moving.',
      },
      {
        value: 'allStalled',
        words: 'all stalled',
        why: 'The safest and dearest: it holds whatever happens.',
      },
      { value: 'typical', words: 'all moving', why: 'The cheapest: nothing may ever stall.' },
    ],
  },
  {
    key: 'labelShare',
    name: 'Believing pack labels',
    choices: [
      { value: 0.6, words: '60 %', why: 'Labels are optimistic; six tenths is a common share.' },
      { value: 0.8, words: '80 %', why: 'For a pack whose maker you trust.' },
      { value: 1, words: 'to the letter', why: 'Only for a label that was measured.' },
      { value: 0.4, words: '40 %', why: 'For an old or nameless pack.' },
    ],
  },
  {
    key: 'receiverCare',
    name: 'Receiver against water',
    choices: [
      {
        value: 'sealedBox',
        words: 'in a sealed box',
        why: 'Any receiver stays dry in it; the box takes space and wants a gland for each lead.',
      },
      {
        value: 'coated',
        words: 'coated, in the open',
        why: 'Saves the space of a box; the receiver itself must be coated or sealed.',
      },
    ],
  },
  {
    key: 'videoFeed',
    name: 'Video sender’s power',
    choices: [
      {
        value: 'pack',
        words: 'straight from the pack',
        why: 'Clean of servo noise; it stays on until the pack is out, so do not forget it.',
      },
      {
        value: 'rail',
        words: 'from the rail',
        why: 'Goes off with the switch; servo noise may show in the picture, and the BEC carries its amps.',
      },
    ],
  },
  {
    key: 'switchOff',
    name: 'Switching off',
    choices: [
      { value: 'modelFirst', words: 'model first', why: 'A receiver is never left without its transmitter.' },
      {
        value: 'transmitterFirst',
        words: 'transmitter first',
        why: 'Relies on a fail-safe that you have set and tried.',
      },
    ],
  },
  {
    key: 'endPoints',
    name: 'End points',
    choices: [
      {
        value: 'smallFirst',
        words: 'open up',
        why: 'Start small and open until it reaches: nothing can stall.',
      },
      {
        value: 'fullFirst',
        words: 'pull in',
        why: 'Start full and pull in: quicker, if you are ready to switch off.',
      },
    ],
  },
  {
    key: 'centring',
    name: 'Centring servos',
    choices: [
      {
        value: 'tester',
        words: 'servo tester',
        why: 'A tester gives 1500 µs whatever the radio is trimmed to.',
      },
      { value: 'radio', words: 'radio at neutral', why: 'Needs no other tool; trims must be at zero.' },
    ],
  },
];
