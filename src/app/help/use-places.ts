import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { planProcedure } from '../../core/bench/procedure/plan-procedure';
import { glossary } from '../../core/base/words/glossary';
import { capital } from '../../core/base/words/sentences';
import { headWords } from '../../core/judgement/findings/finding-words';
import { kinds } from '../../core/model/kinds';
import { useLocker } from '../state/locker-store';
import { openStored } from '../state/open-build';
import { refuse } from '../state/refusal-store';
import { repository } from '../state/saving';
import { useCheck } from '../state/use-check';
import type { Command } from './command';
import { useHelp } from './use-help';

/** Views within the screens. */
const views: readonly [id: string, name: string, to: string][] = [
  ['loom-table', 'Loom as a table: every lead', '/loom?view=table'],
  ['loom-radio', 'Radio: controls, channels, mixes, end points', '/loom?view=radio'],
  ['loom-lists', 'Lists: what to buy, solder, label', '/loom?view=lists'],
  ['berths-model', 'Berths: the rooms of the model', '/berths?view=model'],
  ['trial-wiring', 'Trial: the wiring at an instant', '/trial?show=wiring'],
  ['trial-choose', 'Trial: choose gears, screw, pack', '/trial?show=choose'],
  ['trial-outing', 'Trial: change the outing', '/trial?show=outing'],
  ['locker-table', 'Locker as a table: compare, import', '/locker?show=table'],
];

/** Everything of this build, of the locker, and all other builds, as places to go to by a few letters. */
export function usePlaces(): Command[] {
  const navigate = useNavigate();
  const { context, findings } = useCheck();
  const items = useLocker((state) => state.items);
  const openHelp = useHelp((state) => state.open);
  const { data: stored = [] } = useQuery({
    queryKey: ['builds-by-name'],
    queryFn: () => repository.list(),
    gcTime: 0,
  });
  const { build, index, survey } = context;
  const go = (to: string) => () => void navigate(to);
  const at = (id: string): string => encodeURIComponent(id);
  const nameOf = (id: string): string => index.get(id).fitting.name;
  return [
    ...views.map(([id, name, to]) => ({ id, group: 'Stations', name, run: go(to) })),
    ...findings.map((finding) => ({
      id: `finding ${finding.id}`,
      group: 'Findings',
      name: finding.text,
      also: headWords(finding).head,
      // It stands beside every screen: nobody is led away for it.
      run: () => {
        const search = new URLSearchParams(location.search);
        search.set('well', 'all');
        search.set('finding', finding.id);
        void navigate({ search: `?${search.toString()}` });
      },
    })),
    ...index.pieces().map(({ fitting, part }) => ({
      id: `part ${fitting.id}`,
      group: 'Parts of this build',
      name: capital(fitting.name),
      also: `${part.name} ${kinds[part.kind].words.one}`,
      run: go(part.ports.length > 0 ? `/loom?part=${at(fitting.id)}` : '/loom?view=radio'),
    })),
    ...build.functions.map(({ id, name }) => ({
      id: `function ${id}`,
      group: 'Functions',
      name,
      run: go('/brief'),
    })),
    ...build.leads.map((lead) => ({
      id: `lead ${lead.id}`,
      group: 'Leads',
      name: `Lead: ${nameOf(lead.from.fitting)} to ${nameOf(lead.to.fitting)}`,
      also: survey.leadWords(lead),
      run: go(`/loom?lead=${at(lead.id)}`),
    })),
    ...planProcedure(context).map((step) => ({
      id: `step ${step.id}`,
      group: 'Steps',
      name: step.title,
      run: go(`/fit-out?step=${at(step.id)}`),
    })),
    ...items.map(({ part }) => ({
      id: `locker ${part.id}`,
      group: 'Locker',
      name: capital(part.name),
      also: `${kinds[part.kind].words.one} ${part.maker ?? ''} ${part.remark ?? ''}`,
      run: go(`/locker?kind=${part.kind}&part=${at(part.id)}`),
    })),
    ...stored.map(({ key, name }) => ({
      id: `build ${key}`,
      group: 'Builds',
      name: `Open: ${name}`,
      run: () =>
        void openStored(key).then((why) => why !== undefined && refuse(`${name} could not be opened`, why)),
    })),
    ...Object.entries(glossary).map(([term, meaning]) => ({
      id: `word ${term}`,
      group: 'Words',
      name: `${capital(term)}: ${meaning}`,
      run: openHelp,
    })),
  ].map((place) => ({ ...place, isHidden: true as const }));
}
