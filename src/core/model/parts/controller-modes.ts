/** Ways that a controller can be set to work. */
export const controllerModes = ['reverse', 'instantReverse', 'noReverse', 'brake', 'dragBrake'] as const;
export type ControllerMode = (typeof controllerModes)[number];

/** How a controller takes the stick from ahead to astern; the first of its choices that its sheet names. */
export const runningModes = ['reverse', 'instantReverse', 'noReverse'] as const satisfies ControllerMode[];
export type RunningMode = (typeof runningModes)[number];

/** What a controller does with the motor while the stick is at neutral. */
export const brakeModes = ['brake', 'dragBrake'] as const satisfies ControllerMode[];
export type BrakeMode = (typeof brakeModes)[number] | 'off';
