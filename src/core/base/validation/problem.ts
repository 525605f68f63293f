/** Why a file cannot be used, and where in it. */
export interface FileProblem {
  /** `line 3, column 7` or a path such as `build.fittings[2].part`. */
  where: string;
  why: string;
}

export const problemText = ({ where, why }: FileProblem): string => `${where}: ${why}`;
