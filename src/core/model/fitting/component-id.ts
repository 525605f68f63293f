/** Id of a component of a fitted board, as functions, findings and settings name it. */
export const componentId = (board: string, component: string): string => `${board}/${component}`;

/** The fitting that a component sits on; of any other fitting, itself. */
export function carrierId(id: string): string {
  const at = id.indexOf('/');
  return at < 0 ? id : id.slice(0, at);
}

/** Whether an id is of a fitting or of what sits on it. */
export const isOn = (id: string, fitting: string): boolean => id === fitting || id.startsWith(`${fitting}/`);
