import { NavLink, useLocation } from 'react-router';
import { stations } from './stations';
import styles from './StationNav.module.css';

export function StationNav() {
  const { search } = useLocation();
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
}
