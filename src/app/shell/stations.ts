/** The stations that work, with the digit that leads to each; the digits follow the order of work. */
export const stations = [
  { digit: 1, name: 'Brief', path: '/brief' },
  { digit: 2, name: 'Locker', path: '/locker' },
  { digit: 3, name: 'Loom', path: '/loom' },
  { digit: 4, name: 'Berths', path: '/berths' },
  { digit: 5, name: 'Trial', path: '/trial' },
  { digit: 6, name: 'Fit-out', path: '/fit-out' },
  { digit: 7, name: 'Log', path: '/log' },
] as const;
