/** The folder of the project. */
export const root: string;
/** One figure for what some files and folders hold, named from the project's folder. */
export function hashOf(names: readonly string[]): string;
