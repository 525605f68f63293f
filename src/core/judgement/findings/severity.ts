/** `stop`: damages, fails or hurts. `mind`: works, but weak or to be watched. `note`: good to know. */
export type Severity = 'stop' | 'mind' | 'note';
