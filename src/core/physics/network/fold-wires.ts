/** A wire between two indices, in siemens. */
export interface Conductance {
  from: number;
  to: number;
  siemens: number;
}

/** A node that nothing but wires touches: its volts lie between those of two others. */
export interface InnerNode {
  node: number;
  a: number;
  b: number;
  /** Part of its volts that comes from `a`; the rest comes from `b`. */
  shareOfA: number;
}

export interface FoldedWires {
  conductances: Conductance[];
  /** In the order in which they were taken out: each rests on nodes that are still in, or are taken out later. */
  inner: InnerNode[];
}

/**
 * Makes one wire of wires side by side, and of wires one after another where nothing else touches the joint;
 * an end that leads nowhere is taken off. What is left has the same volts (Kron reduction of nodes of degree
 * two, F. Dörfler and F. Bullo, IEEE Trans. Circuits Syst. I 60, 2013).
 * @param isTouched whether something other than a wire touches a node
 */
export function foldWires(wires: readonly Conductance[], isTouched: (node: number) => boolean): FoldedWires {
  const joints = new Map<number, Map<number, number>>();
  const jointsOf = (node: number) => {
    let known = joints.get(node);
    if (!known) joints.set(node, (known = new Map<number, number>()));
    return known;
  };
  const join = (a: number, b: number, siemens: number) => {
    const [fromA, fromB] = [jointsOf(a), jointsOf(b)];
    fromA.set(b, (fromA.get(b) ?? 0) + siemens);
    fromB.set(a, (fromB.get(a) ?? 0) + siemens);
  };
  for (const { from, to, siemens } of wires) if (from !== to) join(from, to, siemens);

  const inner: InnerNode[] = [];
  const waiting = [...joints.keys()];
  for (let node = waiting.pop(); node !== undefined; node = waiting.pop()) {
    const around = joints.get(node);
    if (!around || around.size === 0 || around.size > 2 || isTouched(node)) continue;
    const [[a, toA], [b, toB] = [a, 0]] = [...around] as [[number, number], [number, number]?];
    inner.push({ node, a, b, shareOfA: toA / (toA + toB) });
    joints.delete(node);
    for (const other of around.keys()) jointsOf(other).delete(node);
    if (a !== b) join(a, b, (toA * toB) / (toA + toB));
    waiting.push(a, b);
  }
  const conductances: Conductance[] = [];
  for (const [from, around] of joints)
    for (const [to, siemens] of around) if (from < to) conductances.push({ from, to, siemens });
  return { conductances, inner };
}
