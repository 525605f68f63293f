/** The part or lead that is being followed; nothing by default. */
export type Trace = { kind: 'part' | 'lead'; id: string } | undefined;
