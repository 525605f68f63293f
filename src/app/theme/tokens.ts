/** The two benches. Every text colour is tested for 4.5:1 on each ground it stands on. */
export const benches = {
  day: {
    ground: '#E9E6DD',
    paper: '#F5F2EA',
    panel: '#FBF9F3',
    ink: '#1D2B33',
    softInk: '#505C62',
    line: '#C8C3B5',
    keelRed: '#982E1B',
    onKeelRed: '#FFFFFF',
    brass: '#7D5206',
    bottleGreen: '#235A48',
    water: '#C0D6DF',
    waterLine: '#3B7A97',
    action: '#14586B',
    onAction: '#FFFFFF',
    actionSoft: '#E3ECEC',
    casing: '#1D2B33',
    chart1: '#14586B',
    chart2: '#B4651E',
    chart3: '#4F7F3A',
    chart4: '#8A3B6B',
    chart5: '#7A6A2B',
    chart6: '#3B7A97',
    chart7: '#A24435',
    chart8: '#5C6B73',
  },
  night: {
    ground: '#12181B',
    paper: '#182025',
    panel: '#1F2A30',
    ink: '#E9E3D5',
    softInk: '#A5B0B0',
    line: '#3D4A51',
    keelRed: '#EE8A74',
    onKeelRed: '#1B0B07',
    brass: '#E2B35A',
    bottleGreen: '#86C7AE',
    water: '#203C4B',
    waterLine: '#4FA3C7',
    action: '#8CC8D4',
    onAction: '#0C1A1F',
    actionSoft: '#22363D',
    casing: '#C9CFCB',
    chart1: '#7CC3D2',
    chart2: '#E5A45E',
    chart3: '#98C97C',
    chart4: '#D293B8',
    chart5: '#CDBB6A',
    chart6: '#5FA9CB',
    chart7: '#E88B76',
    chart8: '#9AA7AC',
  },
} as const satisfies Record<string, Record<string, string>>;

export type Bench = keyof typeof benches;
export type Token = keyof (typeof benches)['day'];

/** Insulation colours as they are, the same on both benches; a casing keeps them apart from the ground. */
export const wireColourValues: Record<string, string> = {
  red: '#C6281E',
  black: '#17191B',
  brown: '#75401F',
  orange: '#E58320',
  yellow: '#E9C62B',
  white: '#FAFAF7',
  blue: '#2A5CB8',
  green: '#2F8A46',
  grey: '#8C9296',
};

/** `--ground` and its like, for the style sheets. */
export function cssVariables(bench: Bench): Record<string, string> {
  return Object.fromEntries(
    Object.entries(benches[bench]).map(([name, value]) => [
      `--${name.replace(/[A-Z0-9]/g, (c) => `-${c.toLowerCase()}`)}`,
      value,
    ]),
  );
}
