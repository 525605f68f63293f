import { memo } from 'react';
import { NavLink, useLocation } from 'react-router';
import { stations } from './stations';
import { useIsWide } from './use-is-wide';
import styles from './StationNav.module.css';

export const StationNav = memo(function StationNav() {
  const isWide = useIsWide();
  const params = new URLSearchParams(useLocation().search);
  // Who goes on to another station wants to see it, not what lay over the last one.
  if (!isWide) for (const over of ['well', 'finding']) params.delete(over);
  const search = params.toString();
  return (
    <nav className={styles.nav} aria-label="Stations">
      {stations.map(({ digit, name, path }) => (
        <NavLink
          key={path}
          to={{ pathname: path, search }}
          className={({ isActive }) => (isActive ? `${styles.station} ${styles.here}` : styles.station!)}
        >
          <span className={`figure ${styles.digit}`}>{digit}</span>
          {name}
        </NavLink>
      ))}
    </nav>
  );
});
