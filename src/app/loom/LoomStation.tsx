import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Build } from '../../core/model/plan/build';
import { focusOf } from '../../core/desk/loom/focus';
import { useLater } from '../shell/use-later';
import { useCheck } from '../state/use-check';
import { usePanel } from '../state/use-panel';
import { ListsView } from '../lists/ListsView';
import { RadioView } from '../radio/RadioView';
import { useZoom } from '../drawing/use-zoom';
import { Ladders } from './Ladders';
import { LoomPicture } from './LoomPicture';
import { LoomTable } from './LoomTable';
import { PictureTools } from './PictureTools';
import { ProposalDialog } from './ProposalDialog';
import { TraceBar } from './TraceBar';
import type { Trace } from './trace';
import styles from './LoomStation.module.css';

const views = [
  { id: 'picture', name: 'Picture', words: '' },
  { id: 'table', name: 'Table', words: 'every lead, wire by wire' },
  { id: 'radio', name: 'Radio', words: 'from the thumb to the part' },
  { id: 'lists', name: 'Lists', words: 'what to buy, to solder, to label' },
] as const;

/** On a phone the picture begins so large that its words can be read; the rest is a finger away. */
const phoneZoom = 2.6;

/** The part or the lead that an address asks for, where the build has it. */
function tracedIn(params: URLSearchParams, { fittings, leads }: Build): Trace {
  const [part, lead] = [params.get('part'), params.get('lead')];
  if (fittings.some(({ id }) => id === part)) return { kind: 'part', id: part! };
  return leads.some(({ id }) => id === lead) ? { kind: 'lead', id: lead! } : undefined;
}

/** What plugs into what, on which channel, by which lead: as a picture, as a table, and as the radio has it. */
export function Component() {
  const { findings, context } = useCheck();
  const { findingId } = usePanel();
  const [params, setParams] = useSearchParams();
  const [trace, setTrace] = useState<Trace>();
  // Whoever is led here to a part or a lead finds it followed; then it is let go as ever.
  const [led, setLed] = useState<Trace>();
  const asked = tracedIn(params, context.build);
  if (asked?.id !== led?.id) {
    setLed(asked);
    if (asked) setTrace(asked);
  }
  const view = views.find(({ id }) => id === params.get('view'))?.id ?? 'picture';
  const [svg, setSvg] = useState<SVGSVGElement | null>(null);
  const isLater = useLater();
  const isPhone = useMediaQuery('(width < 760px)', { noSsr: true });
  const zoom = useZoom(svg, isPhone ? phoneZoom : 1);
  const [hasLoads, setLoads] = useState(false);
  const [folded, setFolded] = useState<readonly string[]>([]);
  const isWiring = view === 'picture' || view === 'table';
  const setView = (next: string | null) => {
    if (next === null) return;
    const changed = new URLSearchParams(params);
    if (next === 'picture') changed.delete('view');
    else changed.set('view', next);
    setParams(changed, { replace: true });
  };
  const setPropose = (isOpen: boolean) => {
    const changed = new URLSearchParams(params);
    if (isOpen) changed.set('propose', '1');
    else changed.delete('propose');
    setParams(changed, { replace: true });
  };
  const finding = findings.find((candidate) => candidate.id === findingId);
  const focus = useMemo(() => finding && focusOf(context.index, finding.subjects), [context, finding]);
  return (
    <div className={styles.station}>
      <div className={styles.head}>
        <h1 className={styles.title}>
          Loom{' '}
          {view !== 'picture' && (
            <span className={styles.subtitle}>· {views.find(({ id }) => id === view)?.words}</span>
          )}
        </h1>
        {isWiring && <Button onClick={() => setPropose(true)}>Wire it for me</Button>}
        {view === 'picture' && (
          <PictureTools
            svg={svg}
            zoom={zoom}
            hasLoads={hasLoads}
            onLoads={setLoads}
            folded={folded}
            onFold={setFolded}
            onTrace={setTrace}
          />
        )}
        <ToggleButtonGroup
          exclusive
          size="small"
          value={view}
          aria-label="Show the loom as"
          onChange={(_, next: string | null) => setView(next)}
        >
          {views.map(({ id, name }) => (
            <ToggleButton key={id} value={id}>
              {name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      </div>
      {view === 'picture' && isLater && (
        <LoomPicture
          focus={focus}
          trace={trace}
          onTrace={setTrace}
          svg={svg}
          onSvg={setSvg}
          zoom={zoom}
          hasLoads={hasLoads}
          folded={folded}
          onUnfold={(group) => setFolded(folded.filter((each) => each !== group))}
        />
      )}
      {view === 'table' && <LoomTable focus={focus} onTrace={setTrace} />}
      {view === 'radio' && <RadioView />}
      {view === 'lists' && <ListsView />}
      {isWiring && (
        <TraceBar trace={trace} onTrace={setTrace} folded={view === 'picture' ? folded : undefined} />
      )}
      {view === 'picture' && isLater && <Ladders />}
      {params.get('propose') !== null && <ProposalDialog onClose={() => setPropose(false)} />}
    </div>
  );
}
