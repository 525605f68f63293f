import { mostToGive } from '../limits/volts';
import { mating } from '../../model/connectors/mating';
import type { Reading } from '../../reading/build-reading/reading';
import type { BecSpec } from '../../model/kinds/bec/bec';
import type { CableSpec } from '../../model/kinds/cable/cable';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { PortSpec } from '../../model/parts/port';
import type { Edit } from '../../model/plan/edits';
import { freshId } from '../../model/plan/fresh-id';
import type { Lead } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';
import { usualLead } from '../../model/plan/usual-run';
import { formatQuantity } from '../../base/quantity/format';
import { endAt, farEnd, type FreePort } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import type { Supply } from '../../reading/survey/power';
import type { Rail } from '../../reading/survey/rails';
import { suits } from './stand-alone-bec';
import { takesSameLeads } from './swap-part';

/**
 * Feeds one part from a second rail that is there already for another: by a free place of its harness, or by one of the
 * locker that has a place more, where the volts suit and its regulator gives for both.
 * @param asked amps of the part at its worst
 */
export function offerShare(context: Reading, supply: Supply, lead: Lead, asked: number): Patch[] {
  const { build, index } = context;
  const { fitting } = supply.fitted;
  const here = lead[endAt(lead, fitting.id)];
  const own: FreePort = { ref: here, port: index.port(here) };
  const there = farEnd(lead, here);
  const far: FreePort = { ref: there, port: index.port(there) };
  return context.survey.rails
    .filter((rail) => rail.plus !== supply.plus)
    .flatMap((rail) => {
      const bec = becFor(context, rail, supply, asked);
      if (!bec) return [];
      const harness = index
        .ofKind('cable')
        .find((cable) => cable.part.form === 'harness' && feeds(context, cable, rail));
      const found = harness && wider(context, harness, own.port, far.port);
      if (!harness || !found) return [];
      const at = (port: PortSpec): FreePort => ({
        ref: { fitting: harness.fitting.id, port: port.id },
        port,
      });
      const swapIn = ({ fitting: { id }, part }: Fitted, next: PartSpec): Edit[] =>
        next.id === part.id ? [] : [{ type: 'swapPart', fitting: id, part: next }];
      const edits: Edit[] = [
        ...swapIn(bec.fitted, bec.part),
        ...swapIn(harness, found.part),
        { type: 'removeLead', lead: lead.id },
        {
          type: 'addLead',
          lead: usualLead(freshId(build, `${fitting.id}-shared-plus`), own, at(found.socket)),
        },
        {
          type: 'addLead',
          lead: usualLead(freshId(build, `${fitting.id}-shared-signal`), at(found.signal), far),
        },
      ];
      const { maxAmps } = bec.part.regulator;
      const stronger =
        bec.part.id === bec.fitted.part.id
          ? ''
          : `, one of ${formatQuantity(maxAmps.value, 'A')} in its place`;
      return [
        {
          id: `share:${fitting.id}:${rail.id}`,
          label: `Feed the ${fitting.name} from the ${bec.fitted.fitting.name} too${stronger}`,
          edits,
        },
      ];
    });
}

/**
 * The stand-alone BEC of a rail without a receiver that has the volts a part stands, and what is to be there in its
 * place: itself, or the least of the locker that gives for the part as well.
 */
function becFor(context: Reading, rail: Rail, { terminal, fitted: { part } }: Supply, asked: number) {
  const { survey, circuit, locker, index } = context;
  const [source] = rail.sources;
  const packs = source && survey.packsBehind(source);
  const fitted = index.ofKind('bec').find((bec) => bec.fitting.id === source?.fitted.fitting.id);
  const volts = rail.volts?.nominal;
  if (rail.isRadio || rail.sources.length !== 1 || !packs || !fitted || volts === undefined) return undefined;
  if (volts > mostToGive(part).volts || volts < (terminal.minVolts?.value ?? 0)) return undefined;
  const load = circuit.railLoads().find((candidate) => candidate.rail === rail);
  const isAlike = (bec: BecSpec) =>
    bec.regulator.voltsChoices.includes(volts) && takesSameLeads(context, fitted.fitting.id, bec);
  const others = locker.filter((part): part is BecSpec => part.kind === 'bec' && isAlike(part));
  const found = [
    fitted.part,
    ...others.sort((a, b) => a.regulator.maxAmps.value - b.regulator.maxAmps.value),
  ].find((bec) => suits(bec, volts, packs, (load?.amps ?? 0) + asked));
  return found && { fitted, part: found };
}

/** Whether one of a harness's sockets gives a rail's plus. */
const feeds = ({ survey }: Reading, { fitting, part }: Fitted<'cable'>, rail: Rail): boolean =>
  part.ports.some(
    (port) =>
      port.use === 'servo' &&
      port.pins.some((pin) => pin.name === 'plus' && survey.nets.node(fitting.id, pin.net) === rail.plus),
  );

/** A harness that takes all that hangs on the one fitted, and has a place left. */
function wider({ index, locker }: Reading, fitted: Fitted<'cable'>, own: PortSpec, far: PortSpec) {
  const used = fitted.part.ports.filter((port) =>
    index.leadAt({ fitting: fitted.fitting.id, port: port.id }),
  );
  const isUsed = (port: PortSpec) => used.some((other) => other.id === port.id);
  const others = locker.filter(
    (part): part is CableSpec =>
      part.kind === 'cable' &&
      part.form === 'harness' &&
      used.every((port) => part.ports.some((other) => other.id === port.id)),
  );
  for (const part of [fitted.part, ...others]) {
    const free = part.ports.filter((port) => !isUsed(port));
    for (const socket of free.filter(
      (port) => port.use === 'servo' && goes(port, own) && netOf(port, 'plus'),
    )) {
      const net = netOf(socket, 'signal');
      const signal = free.find(
        (port) => port !== socket && goes(port, far) && !netOf(port, 'plus') && netOf(port, 'signal') === net,
      );
      if (net && signal) return { part, socket, signal };
    }
  }
  return undefined;
}

const netOf = (port: PortSpec, name: string): string | undefined =>
  port.pins.find((pin) => pin.name === name)?.net;

const goes = (port: PortSpec, other: PortSpec): boolean =>
  mating(port.connector, other.connector).result === 'mates';
