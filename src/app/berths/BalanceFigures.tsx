import Slider from '@mui/material/Slider';
import { leastFreeboard, leastGm, mostHeel, mostTrim } from '../../core/reading/berths/afloat';
import type { Balance } from '../../core/reading/berths/balance';
import type { Inside } from '../../core/reading/berths/inside';
import { frontShares, leastTip, mostSideShare } from '../../core/reading/berths/on-wheels';
import { levelRange } from '../../core/reading/berths/outline';
import type { Placement } from '../../core/model/fitting/placement';
import { formatLength, formatQuantity, type Unit } from '../../core/base/quantity/format';
import { movablePack } from '../../core/judgement/put-right/shift-weight';
import { useSettings } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import type { Draft } from './use-draft';
import styles from './BalanceFigures.module.css';

interface BalanceFiguresProps {
  inside: Inside;
  balance: Balance;
  onDraft: (draft: Draft | undefined) => void;
  onPut: (fitting: string, place: Placement) => void;
}

/** How the model floats or stands with everything where it lies, and the one weight that levels it. */
export function BalanceFigures({ inside, balance, onDraft, onPut }: BalanceFiguresProps) {
  const units = useSettings((state) => state.units);
  const { kilograms, guessed, loose, mostGuessed } = balance;
  const mass = (each: number) =>
    each >= 1 ? `${each.toFixed(1)} kg` : formatQuantity(Math.round(each * 1000), 'g', units);
  return (
    <section className={styles.balance} aria-label="Balance">
      <h2 className={styles.title}>
        {balance.afloat ? 'As it floats' : 'As it stands'}
        <span className={styles.note}>
          {mass(kilograms)}
          {guessed > 0 &&
            `, of it ${mass(guessed)} not weighed${mostGuessed ? `, most of all the ${mostGuessed}` : ''}`}
          {loose.names.length > 0 && `; without ${mass(loose.kilograms)} that lies nowhere`}
        </span>
      </h2>
      <div className={styles.figures}>
        {figuresOf(inside, balance).map(({ words, value, unit, bound, isOff }) => (
          <div key={words} className={styles.figure}>
            <span className={styles.words}>{words}</span>
            <strong data-off={isOff}>{value === undefined ? 'rolls over' : shown(value, unit, units)}</strong>
            <span className={styles.words}>{bound && formatBound(bound, unit, units)}</span>
          </div>
        ))}
      </div>
      <PackSlider inside={inside} balance={balance} onDraft={onDraft} onPut={onPut} />
    </section>
  );
}

interface Shown {
  words: string;
  /** `undefined` where there is none: it does not stay upright. */
  value: number | undefined;
  unit: Unit;
  bound?: readonly ['at most' | 'needs', number];
  isOff: boolean;
}

/** Lengths are metres here, and read as on a rule. */
const shown = (value: number, unit: Unit, units: Parameters<typeof formatQuantity>[2]) =>
  unit === 'mm'
    ? formatLength(value, units)
    : unit === '°' && Number.isInteger(value)
      ? `${value}°`
      : formatQuantity(value, unit, units);

const formatBound = (
  [word, limit]: readonly [string, number],
  unit: Unit,
  units: Parameters<typeof formatQuantity>[2],
) => `${word} ${shown(limit, unit, units)}`;

const tenth = (value: number) => Math.round(value * 10) / 10;

function figuresOf(inside: Inside, { afloat, onWheels }: Balance): Shown[] {
  if (afloat) {
    const { trim, heel, draught, gm, freeboard, low } = afloat;
    const least = leastFreeboard(inside);
    return [
      {
        words: `trim, by the ${trim >= 0 ? 'bow' : 'stern'}`,
        value: tenth(Math.abs(trim)),
        unit: '°',
        bound: ['at most', mostTrim],
        isOff: Math.abs(trim) > mostTrim,
      },
      {
        words: `heel, to ${(heel ?? 0) >= 0 ? 'port' : 'starboard'}`,
        value: heel === undefined ? undefined : tenth(Math.abs(heel)),
        unit: '°',
        bound: ['at most', mostHeel],
        isOff: Math.abs(heel ?? 90) > mostHeel,
      },
      { words: 'draught', value: draught, unit: 'mm', isOff: draught >= inside.depth },
      {
        words: `freeboard at the ${low}`,
        value: freeboard,
        unit: 'mm',
        bound: ['needs', least],
        isOff: freeboard < least,
      },
      {
        words: 'rights itself with GM',
        value: gm,
        unit: 'mm',
        bound: ['needs', leastGm(inside)],
        isOff: gm < leastGm(inside),
      },
    ];
  }
  if (!onWheels) return [];
  const { front, port, tip } = onWheels;
  const [least, most] = frontShares[inside.form];
  const side = Math.max(port, 1 - port);
  return [
    {
      words: 'on the front',
      value: front * 100,
      unit: '%',
      bound: front < least ? ['needs', least * 100] : ['at most', most * 100],
      isOff: front < least || front > most,
    },
    {
      words: `on the ${port >= 0.5 ? 'port' : 'starboard'} side`,
      value: side * 100,
      unit: '%',
      bound: ['at most', mostSideShare * 100],
      isOff: side > mostSideShare,
    },
    {
      words: 'falls over sideways at',
      value: Math.round(tip),
      unit: '°',
      bound: ['needs', leastTip],
      isOff: tip < leastTip,
    },
  ];
}

/** The heaviest pack along the model, with the stretch in which it levels it. */
function PackSlider({ inside, balance, onDraft, onPut }: BalanceFiguresProps) {
  const { context } = useCheck();
  const units = useSettings((state) => state.units);
  const pack = movablePack(balance, context);
  const place = pack?.fitting === undefined ? undefined : context.index.get(pack.fitting).fitting.place;
  const range = pack && levelRange(inside, balance, pack);
  if (!pack?.fitting || !place || !range) return null;
  const fitting = pack.fitting;
  const most = inside.length;
  const share = (x: number) => `${(Math.min(Math.max(x / most, 0), 1) * 100).toFixed(1)}%`;
  const [from, best, to] = range;
  const mm = (x: number) => formatLength(x, units);
  const isLevel = pack.at.x >= from && pack.at.x <= to;
  const words =
    best > 0 && best < most
      ? `best at ${mm(best)}`
      : isLevel
        ? 'as far as it can help, it does'
        : 'it alone does not level the model';
  return (
    <div className={styles.pack}>
      <span id="pack-along">{pack.name} along the model</span>
      <div className={styles.track} data-bar>
        <div
          className={styles.level}
          style={{ left: share(from), width: `calc(${share(to)} - ${share(from)})` }}
        />
        <Slider
          size="small"
          value={pack.at.x}
          min={0}
          max={most}
          step={0.001}
          aria-labelledby="pack-along"
          getAriaValueText={(x) => mm(x)}
          onChange={(_, x) => onDraft({ fitting, place: { ...place, x: x } })}
          onChangeCommitted={(_, x) => onPut(fitting, { ...place, x: x })}
        />
      </div>
      <span className={styles.words}>
        lies at {mm(pack.at.x)}; {words}
      </span>
    </div>
  );
}
