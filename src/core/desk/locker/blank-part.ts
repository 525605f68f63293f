import { connectorFamily } from '../../model/connectors/families';
import type { PartKind, PartSpec } from '../../model/kinds/part-spec';
import type { PortSpec } from '../../model/parts/port';
import { estimated } from '../../base/validation/figure';
import { starterLocker } from '../../model/starter/starter-locker';
import { kindOfAny, sheetFields } from '../../model/kinds';
import { figureAt, withFigure } from './sheet-fields';

/** What every sheet of a kind must state; a blank one has it as a guess until it is read. */
const required = ['regulator.maxAmps', 'regulator.maxWatts'];

/** Servo plugs are alike the world over; which plug any other port has is unknown until somebody looks. */
export function withAssumedPlug(port: PortSpec): PortSpec {
  const { form } = connectorFamily(port.connector.family);
  if (form === 'open' || form === 'servo') return port;
  return { ...port, connector: { ...port.connector, isAssumed: true } };
}

/**
 * A part of a kind with the usual ports and nothing stated: every figure waits for its sheet, so that nothing
 * is a silent guess.
 * @param isLike which parts of the kind it is like, where they differ in their ports
 */
export function blankPart(kind: PartKind, id: string, isLike?: (part: PartSpec) => boolean): PartSpec {
  const ofKind = starterLocker.filter((part) => part.kind === kind);
  const usual = (isLike && ofKind.find(isLike)) ?? ofKind[0];
  if (!usual) throw new Error(`no usual part of kind ${kind}`);
  const { maker, protection, ...rest } = usual;
  const description = kindOfAny(usual);
  const named = { ...rest, id, name: `new ${description.words.one}` } as PartSpec;
  const shaped = description.blank?.(named) ?? named;
  const bare = { ...shaped, ports: shaped.ports.map(withAssumedPlug) };
  return sheetFields(bare).reduce((part, field) => {
    const figure = figureAt(part, field);
    if (figure === undefined) return part;
    return withFigure(
      part,
      field,
      required.includes(field.path) ? estimated(figure.value, 'guess: please check') : undefined,
    );
  }, bare);
}
