import type { PartSpec } from '../../core/model/kinds/part-spec';

/** What the rows of a sheet that can be added and taken away are given. */
export interface RowsProps<Part extends PartSpec> {
  part: Part;
  onChange: (part: PartSpec) => void;
}
