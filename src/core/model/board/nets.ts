/** Nets that the components of a board share: raw power, the regulated rail, ground. */
export const sharedNets = { raw: 'raw', rail: 'rail', ground: 'ground' } as const;

/** The channel that a net of the receiver on the board carries. */
export const channelOf = (net: string): number | undefined => {
  const read = /^ch(\d+)$/.exec(net);
  return read ? Number(read[1]) : undefined;
};

/** Net of a channel that comes in, or goes out, on a stream. */
export const streamNet = (channel: number): string => `s${channel}`;

/** Net of the signal that a row of its own brings a component. */
export const rowNet = (component: string): string => `${component} in`;
