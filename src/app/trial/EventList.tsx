import type { TrialEvent } from '../../core/desk/trial/trial-result';
import { eventNames } from './event-names';
import { useTimeView } from './time-view';
import styles from './Side.module.css';

/** Most of one kind that are listed one by one. */
const mostListed = 3;

/** What happened, in plain sentences; a click takes every picture there. */
export function EventList({ events }: { events: readonly TrialEvent[] }) {
  const { show, setCursor, seconds } = useTimeView();
  if (events.length === 0) return <p className={styles.nothing}>Nothing gave way on this outing.</p>;
  const kinds = [...new Set(events.map((event) => event.kind))].sort(
    (a, b) => Number(eventNames[b].isGrave) - Number(eventNames[a].isGrave),
  );
  const go = ({ at, until }: TrialEvent) => {
    const around = Math.max(until - at, 0.4);
    show(Math.max(at - around, 0), Math.min(until + around, seconds));
    setCursor(at);
  };
  return (
    <>
      {kinds.map((kind) => {
        const all = events.filter((event) => event.kind === kind);
        return (
          <section key={kind} className={styles.group}>
            <h2 className={styles.title} data-grave={eventNames[kind].isGrave}>
              {eventNames[kind].name}
              <span className="figure"> ×{all.length}</span>
            </h2>
            {all.slice(0, mostListed).map((trialEvent) => (
              <button
                key={`${trialEvent.subject} ${trialEvent.at}`}
                type="button"
                className={styles.event}
                onClick={() => go(trialEvent)}
              >
                <span className="figure">{trialEvent.at.toFixed(1)} s</span> {trialEvent.words}
              </button>
            ))}
            {all.length > mostListed && (
              <p className={styles.more}>and {all.length - mostListed} more on the strip</p>
            )}
          </section>
        );
      })}
    </>
  );
}
