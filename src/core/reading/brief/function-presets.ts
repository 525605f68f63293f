import type { ModelKind } from '../../model/plan/build';
import type { FunctionRole } from '../../model/plan/model-function';
import type { PartKind } from '../../model/kinds/part-spec';
import type { ControlKind } from '../../model/kinds/transmitter/transmitter';

/** A usual function of a model, with the kind of control it wants. */
export interface FunctionPreset {
  id: string;
  name: string;
  role: FunctionRole;
  wants: ControlKind;
  /** Kinds of model that usually have it; all where not said. */
  models?: ModelKind[];
  /** It hauls something in, over a drum of several turns. */
  hauls?: true;
}

const functionPresets: readonly FunctionPreset[] = [
  preset('steering', 'Steering', 'steer', 'centring'),
  {
    ...preset('drive', 'Drive', 'drive', 'centring'),
    models: ['boat', 'car', 'crawler', 'truck'],
  },
  { ...preset('throttle', 'Throttle and brake', 'throttle', 'centring'), models: ['boat', 'car', 'truck'] },
  { ...preset('second-drive', 'Second drive', 'drive', 'centring'), models: ['boat'] },
  { ...preset('left-track', 'Left track', 'drive', 'centring'), models: ['tracked machine'] },
  { ...preset('right-track', 'Right track', 'drive', 'centring'), models: ['tracked machine'] },
  { ...preset('slew', 'Slew', 'mechanism', 'centring'), models: ['tracked machine'] },
  { ...preset('sail', 'Sail winch', 'mechanism', 'staying'), models: ['yacht'], hauls: true },
  {
    ...preset('gear-shift', 'Gear shift', 'mechanism', 'twoPosition'),
    models: ['car', 'crawler', 'truck', 'tracked machine'],
  },
  { ...preset('lock', 'Axle lock', 'mechanism', 'twoPosition'), models: ['crawler', 'truck'] },
  { ...preset('winch', 'Winch', 'mechanism', 'staying'), hauls: true },
  preset('lift', 'Lift', 'mechanism', 'staying'),
  preset('pan', 'Pan', 'mechanism', 'staying'),
  preset('pump', 'Pump', 'pump', 'twoPosition'),
  preset('lights', 'Lights', 'lights', 'threePosition'),
  preset('horn', 'Horn', 'sound', 'momentary'),
];

/** The presets that suit a kind of model. */
export const presetsFor = (model: ModelKind): FunctionPreset[] =>
  functionPresets.filter((functionPreset) => !functionPreset.models || functionPreset.models.includes(model));

/** Whether a function hauls something in, by the preset that its id came from. */
export const hauls = (functionId: string): boolean =>
  functionPresets.some((each) => each.hauls && functionId.replace(/-\d+$/, '') === each.id);

/** Kinds of part that can serve a function of a role. */
export function servingKinds(role: FunctionRole): readonly PartKind[] {
  return {
    steer: ['servo'] as const,
    drive: ['controller'] as const,
    throttle: ['servo'] as const,
    mechanism: ['servo', 'controller', 'electronicSwitch'] as const,
    pump: ['electronicSwitch', 'controller'] as const,
    lights: ['load', 'electronicSwitch'] as const,
    sound: ['load', 'electronicSwitch'] as const,
  }[role];
}

function preset(id: string, name: string, role: FunctionRole, wants: ControlKind): FunctionPreset {
  return { id, name, role, wants };
}
