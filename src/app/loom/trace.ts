/** What is being followed: a part, a lead, or a free port that waits for the place it goes to. */
export type Trace =
  { kind: 'part' | 'lead'; id: string } | { kind: 'port'; id: string; port: string } | undefined;
