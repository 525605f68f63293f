import styles from './FunctionRow.module.css';

/** The links of the chain, left to right, from what is wanted to the part that does it. */
export function FunctionHeads() {
  return (
    <div className={styles.heads} aria-hidden>
      <span>Function</span>
      <span>wants</span>
      <span>control</span>
      <span>channel</span>
      <span>part</span>
    </div>
  );
}
