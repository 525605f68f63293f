/** Shown for the moment it takes to read the open build from the browser's database. */
export function Opening() {
  return <p style={{ padding: 24 }}>Opening your build…</p>;
}
