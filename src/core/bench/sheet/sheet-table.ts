/** A table of a sheet, as it is printed, written as Markdown, or saved as CSV. */
export interface SheetTable {
  title: string;
  heads: readonly string[];
  rows: readonly (readonly string[])[];
}
