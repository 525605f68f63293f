import { antennaPlace } from './antenna-place';
import { berthFit } from './berth-fit';
import { controllerAir } from './controller-air';
import { floatsLevel } from './floats-level';
import { leadReach } from './lead-reach';
import { packHeld } from './pack-held';
import { plugPassage } from './plug-passage';
import { plugRoom } from './plug-room';
import { screwLength } from './screw-length';
import { standsLevel } from './stands-level';
import { switchReach } from './switch-reach';
import { wetLine } from './wet-line';
import { armingStick } from './arming-stick';
import { bindPlug } from './bind-plug';
import { boardTotal } from './board-total';
import { brushedTurns } from './brushed-turns';
import { channelCount } from './channel-count';
import { channelSettingsRule } from './channel-settings';
import { channelShared } from './channel-shared';
import { commonGround } from './common-ground';
import { connectorMating } from './connector-mating';
import { controlKind } from './control-kind';
import { controllerAmps } from './controller-amps';
import { controllerModesRule } from './controller-modes';
import { controllerVolts } from './controller-volts';
import { cutoffMode } from './cutoff-mode';
import { endPoints } from './end-points';
import { failSafeRule } from './fail-safe';
import { functionPart } from './function-part';
import { fuseSize } from './fuse-size';
import { integratedReceiver } from './integrated-receiver';
import { leadDrop } from './lead-drop';
import { linearRegulatorHeat } from './linear-regulator-heat';
import { linkageTravel } from './linkage-travel';
import { linkProtocol } from './link-protocol';
import { mirroredServos } from './mirrored-servos';
import { mixCount } from './mix-count';
import { motorKind } from './motor-kind';
import { outputOverload } from './output-overload';
import { packAmps } from './pack-amps';
import { packsJoined } from './packs-joined';
import { polarity } from './polarity';
import { portOrder } from './port-order';
import { railAmps } from './rail-amps';
import { railNoSource } from './rail-no-source';
import { railTwoSources } from './rail-two-sources';
import { railVoltsHigh } from './rail-volts-high';
import { railVoltsLow } from './rail-volts-low';
import { rawFedVolts } from './raw-fed-volts';
import { servoSeat } from './servo-seat';
import { servoTorque } from './servo-torque';
import { servoTravel } from './servo-travel';
import { servoWires } from './servo-wires';
import { throttleChannel } from './throttle-channel';
import { waterExposure } from './water-exposure';
import { wireAmps } from './wire-amps';
import { contactAmps } from './contact-amps';
import { motorSpeed } from './motor-speed';
import { motorStall } from './motor-stall';
import { packNoCutoff } from './pack-no-cutoff';
import { partUnfed } from './part-unfed';
import { regulatorDropout } from './regulator-dropout';
import type { Rule } from './rule';

/** All rules, sorted by id. */
export const rules: readonly Rule[] = [
  antennaPlace,
  armingStick,
  berthFit,
  bindPlug,
  boardTotal,
  brushedTurns,
  channelCount,
  channelSettingsRule,
  channelShared,
  commonGround,
  connectorMating,
  contactAmps,
  controlKind,
  controllerAir,
  controllerAmps,
  controllerModesRule,
  controllerVolts,
  cutoffMode,
  endPoints,
  failSafeRule,
  floatsLevel,
  functionPart,
  fuseSize,
  integratedReceiver,
  leadDrop,
  leadReach,
  linearRegulatorHeat,
  linkProtocol,
  linkageTravel,
  mirroredServos,
  mixCount,
  motorKind,
  motorSpeed,
  motorStall,
  outputOverload,
  packAmps,
  packHeld,
  packNoCutoff,
  packsJoined,
  partUnfed,
  plugPassage,
  plugRoom,
  polarity,
  portOrder,
  railAmps,
  railNoSource,
  railTwoSources,
  railVoltsHigh,
  railVoltsLow,
  rawFedVolts,
  regulatorDropout,
  screwLength,
  servoSeat,
  servoTorque,
  servoTravel,
  servoWires,
  standsLevel,
  switchReach,
  throttleChannel,
  waterExposure,
  wetLine,
  wireAmps,
] as readonly Rule[];
