import { memo, type KeyboardEvent, type MouseEvent } from 'react';
import type { PlacedPort } from '../../core/desk/loom/loom-layout';
import type { PortRole } from './use-plugging';
import styles from './FreePortSpot.module.css';

interface FreePortSpotProps {
  port: PlacedPort;
  label: string;
  role: PortRole;
  /** What it goes by while it is dragged. */
  joinKey: string;
  onTap: (joinKey: string) => void;
}

const roleWords: Record<PortRole, string> = {
  free: 'free: tap to plug it in, or drag it to where it goes',
  used: 'taken: drag its plug elsewhere',
  waiting: 'waits for its place',
  fits: 'goes together: tap to plug in',
  needsAdapter: 'needs an adapter or another plug: tap to see',
  looksAlike: 'looks alike and does not go together: tap to see why',
  other: 'free, for another use',
};

/** A port with nothing in it, as large as a finger needs: tapped first it waits, tapped second it is joined. */
export const FreePortSpot = memo(function FreePortSpot({
  port,
  label,
  role,
  joinKey,
  onTap,
}: FreePortSpotProps) {
  const ys = port.contacts.map((point) => point.y);
  const x = port.contacts[0]?.x ?? 0;
  const [top, bottom] = [Math.min(...ys) - 7, Math.max(...ys) + 7];
  const onClick = (event: MouseEvent) => {
    event.stopPropagation();
    onTap(joinKey);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    event.stopPropagation();
    onTap(joinKey);
  };
  return (
    <rect
      x={x - 13}
      y={top}
      width={26}
      height={bottom - top}
      rx={4}
      className={styles.spot}
      data-role={role}
      data-join={joinKey}
      role="button"
      tabIndex={role === 'used' ? -1 : 0}
      aria-label={`${label}, ${roleWords[role]}`}
      onClick={onClick}
      onKeyDown={onKeyDown}
    >
      <title>{`${label}: ${roleWords[role]}`}</title>
    </rect>
  );
});
