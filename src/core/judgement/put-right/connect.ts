import { BuildIndex, type FreePort } from '../../model/plan/build-index';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { freshId } from '../../model/plan/fresh-id';
import type { PortRef } from '../../model/plan/lead';
import { usualLead } from '../../model/plan/usual-run';
import { goesTogether, mating } from '../../model/connectors/mating';
import type { CableSpec } from '../../model/kinds/cable/cable';
import type { PartSpec } from '../../model/kinds/part-spec';

/**
 * The edits that join two ports, with an adapter from the locker between them where their plugs do not go
 * together; `undefined` where the locker has none that fits.
 */
export function connect(
  build: Build,
  from: PortRef,
  to: PortRef,
  locker: readonly PartSpec[],
): Edit[] | undefined {
  const index = new BuildIndex(build);
  const [a, b] = [index.port(from), index.port(to)];
  if (goesTogether(a.connector, b.connector))
    return [addLead(build, { ref: from, port: a }, { ref: to, port: b })];
  const adapter = locker.find(
    (part): part is CableSpec => part.kind === 'cable' && part.form === 'adapter' && !!wayThrough(part),
  );
  if (!adapter) return undefined;
  const [near, far] = wayThrough(adapter)!;
  const id = freshId(build, `${to.fitting}-adapter`);
  const placed: Edit = {
    type: 'addFitting',
    fitting: { id, name: 'adapter', part: adapter.id },
    part: adapter,
  };
  const withAdapter = applyEdits(build, [placed]);
  const first = addLead(
    withAdapter,
    { ref: from, port: a },
    { ref: { fitting: id, port: near.id }, port: near },
  );
  const between = applyEdits(withAdapter, [first]);
  return [
    placed,
    first,
    addLead(between, { ref: { fitting: id, port: far.id }, port: far }, { ref: to, port: b }),
  ];

  function wayThrough(part: CableSpec) {
    const [port, other] = part.ports;
    if (!port || !other) return undefined;
    const goes = (first: typeof port, second: typeof port) =>
      mating(a.connector, first.connector).result === 'mates' &&
      mating(second.connector, b.connector).result === 'mates';
    return goes(port, other)
      ? ([port, other] as const)
      : goes(other, port)
        ? ([other, port] as const)
        : undefined;
  }
}

function addLead(build: Build, from: FreePort, to: FreePort): Edit {
  const id = freshId(
    build,
    `${from.ref.fitting}-${from.ref.port}--${to.ref.fitting}-${to.ref.port}`.replace(/[. ]/g, '-'),
  );
  return { type: 'addLead', lead: usualLead(id, from, to) };
}
