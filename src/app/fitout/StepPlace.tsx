import { outlineOf } from '../../core/reading/berths/outline';
import { capital } from '../../core/base/words/sentences';
import type { Step } from '../../core/bench/procedure/step';
import { PlanView } from '../berths/PlanView';
import { pictureScale } from '../berths/picture-scale';
import { LinkagePicture } from '../radio/LinkagePicture';
import { useCheck } from '../state/use-check';
import { LeadStrip } from './LeadStrip';
import styles from './StepInHand.module.css';

/** Pixels that the plan of the model is drawn to, before it is fitted into its column. */
const planWidth = 520;
const mostPorts = 8;

/** The very place that a step is about: its lead, its lever, its parts in the model, or where its part is plugged in. */
export function StepPlace({ step }: { step: Step }) {
  const { context } = useCheck();
  const { index, survey, build } = context;
  if (step.lead !== undefined) return <LeadStrip leadId={step.lead} />;
  const [about] = step.touches;
  const fitting = build.fittings.find(({ id }) => id === about);
  if (/^(rod|centre|end-points):/.test(step.id) && fitting?.linkage)
    return <LinkagePicture linkage={fitting.linkage} turned={0} />;
  const { layout } = survey;
  const { inside } = layout;
  const laid = new Set(layout.laid.map(({ fitted }) => fitted.fitting.id));
  const scale = inside && pictureScale(inside, planWidth);
  // A step about everything is about no place.
  if (inside && scale && step.touches.some((id) => laid.has(id)) && step.touches.length < laid.size)
    return (
      <svg
        className={styles.plan}
        viewBox={`0 ${scale.planTop - 14} ${planWidth} ${scale.planHeight + 28}`}
        role="img"
        aria-label={`Seen from above: ${step.touches
          .filter((id) => laid.has(id))
          .map((id) => index.get(id).fitting.name)
          .join(', ')}`}
      >
        <PlanView
          layout={layout}
          scale={scale}
          outline={outlineOf(inside, build)}
          chosen={undefined}
          pointed={new Set(step.touches)}
          bad={new Set()}
          names={[]}
          tags={[]}
          isStill
        />
      </svg>
    );
  const hangs = build.leads.filter(
    ({ from, to }) => about !== undefined && [from.fitting, to.fitting].includes(about),
  );
  if (!fitting || hangs.length === 0) return null;
  return (
    <section aria-labelledby="step-place">
      <h3 id="step-place" className={styles.sideTitle}>
        {capital(fitting.name)}: where it is plugged in
      </h3>
      <ul className={styles.kit}>
        {hangs.slice(0, mostPorts).map(({ id, from, to }) => {
          const [own, other] = from.fitting === about ? [from, to] : [to, from];
          return (
            <li key={id}>
              {capital(index.port(own).name)} into the {index.portName(other)}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
