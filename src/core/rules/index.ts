import { channelCount } from './channel-count';
import { commonGround } from './common-ground';
import { connectorMating } from './connector-mating';
import { controlKind } from './control-kind';
import { controllerVolts } from './controller-volts';
import { linearRegulatorHeat } from './linear-regulator-heat';
import { linkProtocol } from './link-protocol';
import { motorKind } from './motor-kind';
import { packAmps } from './pack-amps';
import { polarity } from './polarity';
import { portOrder } from './port-order';
import { railAmps } from './rail-amps';
import { railNoSource } from './rail-no-source';
import { railTwoSources } from './rail-two-sources';
import { railVoltsHigh } from './rail-volts-high';
import { railVoltsLow } from './rail-volts-low';
import { rawFedVolts } from './raw-fed-volts';
import type { Rule } from './rule';
import { throttleChannel } from './throttle-channel';

/** All rules, sorted by id. */
export const rules: readonly Rule[] = [
  channelCount,
  commonGround,
  connectorMating,
  controlKind,
  controllerVolts,
  linearRegulatorHeat,
  linkProtocol,
  motorKind,
  packAmps,
  polarity,
  portOrder,
  railAmps,
  railNoSource,
  railTwoSources,
  railVoltsHigh,
  railVoltsLow,
  rawFedVolts,
  throttleChannel,
] as readonly Rule[];
