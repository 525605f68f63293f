import { isHull, type InsideSizes } from '../../core/reading/berths/inside-sizes';
import type { ModelInside } from '../../core/model/plan/model-inside';
import { unitRatio } from '../../core/base/quantity/read-quantity';
import { NumberField } from '../brief/NumberField';
import { useSettings } from '../state/settings-store';
import styles from './SizeFields.module.css';

type SizeKey = Exclude<
  { [K in keyof ModelInside]-?: NonNullable<ModelInside[K]> extends number ? K : never }[keyof ModelInside],
  undefined
>;

interface Size {
  key: SizeKey;
  label: string;
  least: number;
}

const hull: Size[] = [
  { key: 'length', label: 'Length over all', least: 0.05 },
  { key: 'beam', label: 'Beam', least: 0.02 },
  { key: 'depth', label: 'Keel to deck', least: 0.005 },
  { key: 'lid', label: 'Room under the lid', least: 0.005 },
  { key: 'draught', label: 'Draught, if measured', least: 0.002 },
  { key: 'wetLine', label: 'Water may stand to', least: 0 },
  { key: 'bareX', label: 'Bare hull balances at', least: -10 },
  { key: 'bareZ', label: 'Its balance over the keel', least: -10 },
];
const ground: Size[] = [
  { key: 'length', label: 'Length of the chassis', least: 0.05 },
  { key: 'beam', label: 'Width inside', least: 0.02 },
  { key: 'lid', label: 'Room under the body', least: 0.005 },
  { key: 'wheelbase', label: 'Axle to axle', least: 0.02 },
  { key: 'track', label: 'Wheel to wheel', least: 0.02 },
  { key: 'clearance', label: 'Ground to chassis', least: 0 },
  { key: 'wetLine', label: 'Water may stand to', least: 0 },
  { key: 'bareX', label: 'Bare model balances at', least: -10 },
  { key: 'bareZ', label: 'Its balance over the base', least: -10 },
];

interface SizeFieldsProps {
  told: ModelInside;
  sizes: InsideSizes;
  onChange: (change: Partial<Record<keyof ModelInside, unknown>>) => void;
}

/** The sizes of a model; what is not told shows what is taken for it. */
export function SizeFields({ told, sizes, onChange }: SizeFieldsProps) {
  const unit = useSettings((state) => state.units.length);
  const perMetre = unitRatio('m', unit);
  const shown = (metres: number) => Number((metres * perMetre).toPrecision(4));
  const fields = [
    ...(isHull(told.form) ? hull : ground),
    ...(told.form === 'twin hull'
      ? [{ key: 'apart' as const, label: 'Hull to hull, middle lines', least: 0.03 }]
      : []),
  ];
  return (
    <div className={styles.fields}>
      {fields.map(({ key, label, least }) => {
        const value = told[key];
        const usual = key === 'draught' ? undefined : sizes[key];
        return (
          <NumberField
            key={`${told.form} ${key}`}
            label={`${label}, ${unit}`}
            value={value === undefined ? undefined : shown(value)}
            {...(usual !== undefined && { estimated: String(shown(usual)) })}
            least={shown(least)}
            most={shown(10)}
            onTake={(typed) => onChange({ [key]: typed === undefined ? undefined : typed / perMetre })}
          />
        );
      })}
    </div>
  );
}
