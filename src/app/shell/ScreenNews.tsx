import { useEffect, useRef, useState } from 'react';
import { useLocation } from 'react-router';
import { wells, wellNames, type Well, type WellReport } from '../../core/judgement/findings/wells';
import { wellWords } from '../hull/well-words';
import { useBuild } from '../state/shown-build';
import { useCheck } from '../state/use-check';
import { stations } from './stations';

const otherScreens: Record<string, string> = { '/sheet': 'Wiring sheet', '/builds': 'Builds' };
/** An edit often comes with others: what it did is said once they have settled. */
const settles = 700;

/** Names the page after its screen and build, and says to who cannot see it where they are and what an edit did to the wells. */
export function ScreenNews() {
  const { pathname } = useLocation();
  const { id, name } = useBuild();
  const reports = useCheck().wells;
  const screen = stations.find(({ path }) => path === pathname)?.name ?? otherScreens[pathname] ?? 'Dry Hull';
  const [news, setNews] = useState('');
  const last = useRef({ id, reports, screen });
  useEffect(() => {
    document.title = `${screen}: ${name} · Dry Hull`;
  }, [screen, name]);
  useEffect(() => {
    const before = last.current;
    const timer = setTimeout(() => {
      last.current = { id, reports, screen };
      if (before.screen !== screen) setNews(`${screen}, ${name}`);
      else if (before.id !== id) setNews(`${name} is open`);
      else {
        const changed = wells.filter(
          (well) => said(well, before.reports[well]) !== said(well, reports[well]),
        );
        if (changed.length > 0) setNews(changed.map((well) => said(well, reports[well])).join('. '));
      }
    }, settles);
    return () => clearTimeout(timer);
  }, [screen, id, name, reports]);
  return (
    <p className="visually-hidden" aria-live="polite" data-news>
      {news}
    </p>
  );
}

const said = (well: Well, report: WellReport): string => {
  const { state, figure } = wellWords(well, report);
  return `${wellNames[well]}: ${state}${figure && `, ${figure}`}`;
};
