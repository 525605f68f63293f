import { useIsHeld } from '../state/database';

/** Shown for the moment it takes to read the open build from the browser's database. */
export function Opening() {
  const isHeld = useIsHeld((state) => state.isHeld);
  return (
    <main style={{ padding: 24 }} role={isHeld ? 'alert' : undefined}>
      {isHeld
        ? 'Another window of Dry Hull holds on to your builds with an older version. Close the other windows; this one then goes on by itself.'
        : 'Opening your build…'}
    </main>
  );
}
