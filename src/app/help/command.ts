/** Something to do or a place to go to, by its name. */
export interface Command {
  id: string;
  group: string;
  name: string;
  keys?: string;
  /** Other words that it answers to. */
  also?: string;
  /** Only found by its words, not listed before anything is typed. */
  isHidden?: true;
  run: () => void;
}
