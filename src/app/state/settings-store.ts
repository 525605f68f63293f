import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { connectorFamily, type ConnectorFamilyId } from '../../core/model/connectors/families';
import { benchUnits, type UnitChoice } from '../../core/base/quantity/unit-choice';

/** Longest name that a person gives to a family of plugs. */
export const longestPlugName = 24;

export const papers = ['A4', 'Letter'] as const;
export const motions = ['as the machine says', 'off'] as const;

interface SettingsState {
  units: UnitChoice;
  /** What the person calls a family of plugs; families that nobody named are left out. */
  plugNames: Partial<Record<ConnectorFamilyId, string>>;
  paper: (typeof papers)[number];
  /** `off` keeps pictures still, whatever the machine says. */
  motion: (typeof motions)[number];
  /** Whether a rehearsal begins with its tones sounding. */
  isLoud: boolean;
  choose: (change: Partial<Pick<SettingsState, 'paper' | 'motion' | 'isLoud'>>) => void;
  setUnits: (change: Partial<UnitChoice>) => void;
  namePlug: (family: ConnectorFamilyId, name: string) => void;
}

/** Units that figures are shown in, and own names of plugs, remembered in this browser. */
export const useSettings = create<SettingsState>()(
  persist(
    (set) => ({
      units: benchUnits,
      plugNames: {},
      paper: 'A4',
      motion: 'as the machine says',
      isLoud: false,
      choose: (change) => set(change),
      setUnits: (change) => set(({ units }) => ({ units: { ...units, ...change } })),
      namePlug: (family, name) =>
        set(({ plugNames: { [family]: _, ...others } }) => {
          const named = name.trim().slice(0, longestPlugName);
          return { plugNames: named === '' ? others : { ...others, [family]: named } };
        }),
    }),
    { name: 'dry-hull-settings', version: 1 },
  ),
);

/** Names a family of plugs by its form, after the name that the person calls it by. */
export function usePlugName(): (family: ConnectorFamilyId) => string {
  const plugNames = useSettings((state) => state.plugNames);
  return (family) => {
    const own = plugNames[family];
    const { name } = connectorFamily(family);
    return own === undefined ? name : `${own} (${name})`;
  };
}
