/** What a screen is for, and what one does there, in the order in which it is usually done. */
export interface ScreenHelp {
  name: string;
  /** The question that it answers. */
  what: string;
  how: readonly string[];
}

/** Help for each screen, by the last part of its address. */
export const screenHelp = {
  brief: {
    name: 'Brief',
    what: 'What must this model do, and with what?',
    how: [
      'Add a function for everything that moves, lights up or makes a noise.',
      'Each row is a chain: the kind of control that it wants, the control, the channel, the part that does it.',
      'Tell the mass, the drive and the money limit at the side: the Trial and the sums go by them.',
      'Grey figures are estimates. Type over one to tell what you know; empty it to take the estimate again.',
      '“Wire it for me” proposes every lead between the parts, to be taken one by one.',
    ],
  },
  locker: {
    name: 'Locker',
    what: 'What have I got, what could I get, what fits together?',
    how: [
      'Choose a kind of part. The bars show the volts that each stands, the line those that this build would give it.',
      'Mark what you own, and note prices: put-rights then take what lies on the shelf first.',
      '“Copy and edit” makes a sheet of your own; figures may be typed as they are printed, such as 20 kg·cm or 278 oz-in.',
      'A table pasted from a spreadsheet is read in with “Import parts”.',
      '“What fits?” looks for whole sets of parts within your money.',
    ],
  },
  loom: {
    name: 'Loom',
    what: 'What plugs into what, on which channel, by which lead?',
    how: [
      'Drag from a port to a port, or tap one and then the other. Plugs that do not fit say why, and offer a way.',
      'Tap a part or a lead to follow it: below the picture stands what can be done with it.',
      'The bars under the picture are the amps asked, against the amps given.',
      '“Radio” sets the channels: end points, reverse, fail-safe, mixes. “Lists” is what to buy and to solder.',
      'A wheel or two fingers zoom; the button with the frame shows the whole picture.',
    ],
  },
  berths: {
    name: 'Berths',
    what: 'Does it fit, reach, stay dry and balance?',
    how: [
      'Choose the shape of the model and give the one or two sizes that you can measure; the rest is usual for it.',
      'Drag parts, or move them with the arrow keys; page up and page down lift them, R turns them.',
      'A lead drawn red is too short by what stands beside it.',
      'The slider moves the pack to where the model lies level.',
      '“Model” is for rooms, holes and sizes, and for a photograph to lay it out by.',
    ],
  },
  trial: {
    name: 'Trial',
    what: 'What happens under way, and what gives first?',
    how: [
      'Choose an outing. The sentence at the top is what it says; the figures under it decide.',
      'Point at an instant to read every curve there; “Wiring” shows the leads at that instant.',
      '“Choose” varies gears, screw or pack, and takes the choice into the Brief.',
      'A figure that you read on the model goes under “Readings”: the estimates move to it.',
    ],
  },
  'fit-out': {
    name: 'Fit-out',
    what: 'In what order do I do it, and did I measure what I should?',
    how: [
      'One step at a time. Tick what is done; write down what the meter says.',
      'A powered step is held while something that would harm is open, or while a check before it is not done.',
      '“It doesn’t work” looks for the cause: it names the next test until one is left.',
      '“Rehearse it” brings the model to life on the screen; “Refit” compares with what was found.',
      'A step that changed after you ticked it says so.',
    ],
  },
  log: {
    name: 'Log',
    what: 'What did it do, what did I change, what did it cost?',
    how: [
      'Write down a day: where, which pack, how long, and any figure that you read.',
      'Readings stand beside the plan. “Learn from these readings” moves the estimates.',
      'Packs that sag more than they did, and upkeep that falls due, are told at the foot.',
    ],
  },
  sheet: {
    name: 'Wiring sheet',
    what: 'All of it on paper, to hold beside the model.',
    how: ['Print it, or save it as Markdown. The size of the paper is in the settings.'],
  },
  builds: {
    name: 'Builds',
    what: 'Everything that is stored in this browser.',
    how: [
      'Open, copy, export and delete builds. Deleted builds wait for a month.',
      'A backup is one file with all builds and the locker; it is read in here or dropped onto the page.',
      'Nothing leaves this computer unless you export it.',
    ],
  },
} as const satisfies Record<string, ScreenHelp>;

export type HelpedScreen = keyof typeof screenHelp;
