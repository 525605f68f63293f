/**
 * Lines as labels and boxes print them, all invented: the line, its kind, and what it says. Torque in kg·cm here; a figure at
 * volts is written `torque=20@7.4`.
 */
const table = `
540 brushed 21T | motor | can=540 motorKind=brushed turns=21
540 motor 35T | motor | can=540 turns=35
550 brushed 12T motor 7.4V | motor | can=550 motorKind=brushed turns=12 maxVolts=7.4
550 size 19 turns | motor | can=550 turns=19
380 motor 7.2V | motor | can=380 maxVolts=7.2
370 brushed motor 6-12V 45g | motor | can=370 motorKind=brushed minVolts=6 maxVolts=12 kilograms=0.045
Brushed can 700 12V 620KV | motor | can=700 motorKind=brushed maxVolts=12 kv=620
775 motor 12-24V no load 1.2A | motor | can=775 minVolts=12 maxVolts=24 noLoadAmps=1.2
motor 280 4.8V no-load current 280mA stall 5.5A | motor | can=280 maxVolts=4.8 noLoadAmps=0.28 stallAmps=5.5
3650 brushless 3300KV | motor | can=3650 motorKind=brushless kv=3300
3650 3300 rpm/V 4-pole sensored | motor | can=3650 kv=3300
KV3900 brushless motor 3652 2-3S | motor | kv=3900 motorKind=brushless can=3652 minCells=2 maxCells=3
3674 brushless 2,150KV 4S max 85A | motor | can=3674 motorKind=brushless kv=2150 maxCells=4 fullLoadAmps=85
2845 brushless sensorless 4370kv 9T | motor | can=2845 motorKind=brushless kv=4370 turns=9
36x60 2400KV inrunner water jacket | motor | can=3660 kv=2400
outrunner 2826 1400 kv 140g 3S | motor | can=2826 kv=1400 kilograms=0.14 maxCells=3
brushless 13.5T sensored motor | motor | motorKind=brushless turns=13.5
brushless motor 17.5 turns 36×50 mm | motor | motorKind=brushless turns=17.5 can=3650
crawler motor 55T 540 brushed 160 g | motor | turns=55 can=540 motorKind=brushed kilograms=0.16
motor 12000rpm @ 7.2V 540 | motor | kv=1667 can=540
130 motor 3V | motor | can=130 maxVolts=3
Brandless tug motor 600 7.2V load 4.5A | motor | can=600 maxVolts=7.2 fullLoadAmps=4.5
540 80T lathe motor | motor | can=540 turns=80
4268 brushless 1600KV 6S 120A max | motor | can=4268 motorKind=brushless kv=1600 maxCells=6 fullLoadAmps=120
60A brushed ESC 2-3S BEC 6V 3A | controller | continuousAmps=60 motorKind=brushed minCells=2 maxCells=3 becVolts=6 becAmps=3
brushless ESC 60A/360A 2-3S LiPo 6-9 NiMH BEC 6V/3A | controller | motorKind=brushless continuousAmps=60 burstAmps=360 minCells=2 maxCells=3 becVolts=6 becAmps=3
45A 2-4S 5V/2A BEC car ESC brushless | controller | continuousAmps=45 minCells=2 maxCells=4 becVolts=5 becAmps=2 motorKind=brushless
ESC 320A 5-9 cell NiMH 12T limit | controller | continuousAmps=320 minCells=5 maxCells=9 minTurns=12
speed controller 30A brushed 6-12V BEC 5V 1A | controller | continuousAmps=30 motorKind=brushed minVolts=6 maxVolts=12 becVolts=5 becAmps=1
ESC brushed 20A 2S, 5V 1A BEC | controller | motorKind=brushed continuousAmps=20 maxCells=2 becVolts=5 becAmps=1
brushless speed control 120A 2-6S LiPo no BEC | controller | motorKind=brushless continuousAmps=120 minCells=2 maxCells=6
150A ESC 3-6S SBEC 6V/7.4V 8A | controller | continuousAmps=150 minCells=3 maxCells=6 becVolts=6,7.4 becAmps=8
ESC 40A cont 240A burst 2-3S | controller | continuousAmps=40 burstAmps=240 minCells=2 maxCells=3
boat ESC 50A 2-4S BEC: 5.5V/5A water cooled | controller | continuousAmps=50 minCells=2 maxCells=4 becVolts=5.5 becAmps=5
10A brushed ESC 1S-2S | controller | continuousAmps=10 motorKind=brushed minCells=1 maxCells=2
ESC 80A peak 450A 4S | controller | continuousAmps=80 burstAmps=450 maxCells=4
crawler ESC 80A brushed 2-3S ≥ 12T BEC 6V 3A | controller | continuousAmps=80 motorKind=brushed minCells=2 maxCells=3 minTurns=12 becVolts=6 becAmps=3
25A ESC LiPo 2-3S BEC 5V 2A 28g | controller | continuousAmps=25 minCells=2 maxCells=3 becVolts=5 becAmps=2 kilograms=0.028
two-way ESC 15A 4.8-8.4V | controller | continuousAmps=15 minVolts=4.8 maxVolts=8.4
ESC 60A burst 390A 2~3S BEC 6.0V 3A | controller | continuousAmps=60 burstAmps=390 minCells=2 maxCells=3 becVolts=6 becAmps=3
brushed 40A 2S-3S lipo esc 3A BEC | controller | motorKind=brushed continuousAmps=40 minCells=2 maxCells=3 becAmps=3
ESC 100A opto 6S | controller | continuousAmps=100 maxCells=6
ESC 5A micro 3.7-7.4V | controller | continuousAmps=5 minVolts=3.7 maxVolts=7.4
90A/500A ESC 2-4S SBEC 6/7.4V 6A | controller | continuousAmps=90 burstAmps=500 minCells=2 maxCells=4 becVolts=6,7.4 becAmps=6
2S 5000mAh 50C 7.4V | pack | cells=2 ampHours=5 dischargeRate=50 chemistry=LiPo
3S LiPo 2200mAh 25C | pack | cells=3 chemistry=LiPo ampHours=2.2 dischargeRate=25
7.2V NiMH 3000mAh | pack | cells=6 chemistry=NiMH ampHours=3
6 cell NiMH 3300mAh | pack | cells=6 chemistry=NiMH ampHours=3.3
11.1V 5000mAh 60C LiPo hard case 138x47x25mm 320g | pack | cells=3 ampHours=5 dischargeRate=60 chemistry=LiPo millimetres=138,47,25 kilograms=0.32
3S2P 6600mAh Li-ion | pack | cells=3 parallel=2 ampHours=6.6 chemistry=Li-ion
6V 4.5Ah lead acid | pack | cells=3 ampHours=4.5 chemistry=lead-acid
12V 7Ah SLA battery | pack | cells=6 ampHours=7 chemistry=lead-acid
2S LiPo 1300mAh 25-50C 95g | pack | cells=2 chemistry=LiPo ampHours=1.3 dischargeRate=25 burstRate=50 kilograms=0.095
battery 4.8V 2000mAh NiMH receiver pack | pack | cells=4 ampHours=2 chemistry=NiMH
LiFe 6.6V 2100mAh 20C | pack | cells=2 ampHours=2.1 chemistry=LiFePO4 dischargeRate=20
LiHV 7.6V 6000mAh 100C | pack | cells=2 ampHours=6 chemistry=LiHV dischargeRate=100
NiCd 8.4V 1700 mAh | pack | cells=7 ampHours=1.7 chemistry=NiCd
4S 14.8V 4000mAh 40C/80C | pack | cells=4 ampHours=4 dischargeRate=40 burstRate=80 chemistry=LiPo
1S 3.7V 500mAh | pack | cells=1 ampHours=0.5 chemistry=LiPo
5,000mAh 2S 50C | pack | ampHours=5 cells=2 dischargeRate=50 chemistry=LiPo
lipo 22.2V 5Ah 6S1P 45C | pack | cells=6 parallel=1 ampHours=5 dischargeRate=45 chemistry=LiPo
9.6V 1600mAh NiMH pack | pack | cells=8 ampHours=1.6 chemistry=NiMH
2,2 Ah 3S 30C | pack | ampHours=2.2 cells=3 dischargeRate=30 chemistry=LiPo
2S1P LiFePO4 1450mAh 15C | pack | cells=2 parallel=1 chemistry=LiFePO4 ampHours=1.45 dischargeRate=15
Quillet 3S 3200 mAh 35C burst 70C | pack | cells=3 ampHours=3.2 dischargeRate=35 burstRate=70 chemistry=LiPo
4 AA alkaline battery | pack | cells=4 chemistry=dry cell
4xAA NiMH 2000mAh | pack | cells=4 chemistry=NiMH ampHours=2
4 AA cells | pack | cells=4 chemistry=dry cell
4xAA battery holder with switch | pack | cells=4 chemistry=dry cell
AA battery box 4 cells | pack | cells=4 chemistry=dry cell
7.4V 2600mAh Li-ion | pack | cells=2 ampHours=2.6 chemistry=Li-ion
shorty 2S 4200mAh 7,4V 60C | pack | cells=2 ampHours=4.2 dischargeRate=60 chemistry=LiPo
Quillet S20 20kg 6-7.4V 0.16s/60 | servo | torque=20@7.4 minVolts=6 maxVolts=7.4 speed=0.16@7.4
9 kg servo | servo | torque=9
13.5 kg servo metal gear 25T 55g | servo | torque=13.5 teeth=25 kilograms=0.055
Servo 17/20kg 6/7.4V 0.18/0.15s | servo | torque=17@6,20@7.4 speed=0.18@6,0.15@7.4 maxVolts=7.4
17kg@6V 20kg@7.4V servo 180° | servo | torque=17@6,20@7.4 maxVolts=7.4 travelDegrees=180
6.0V: 15 kg·cm 0.17s 7.4V: 18kg·cm 0.14s servo | servo | torque=15@6,18@7.4 speed=0.17@6,0.14@7.4 maxVolts=7.4
servo 277 oz-in 0.09 sec/60° HV 8.4V | servo | torque=19.946@8.4 speed=0.09@8.4 maxVolts=8.4
20 kg servo | servo | torque=20
servo 2,5kg 4,8V 0,12s/60° | servo | torque=2.5@4.8 speed=0.12@4.8 maxVolts=4.8
micro servo 9g 1.8kg.cm 4.8V | servo | torque=1.8@4.8 kilograms=0.009 maxVolts=4.8
35 kg digital servo 270° 8.4V | servo | torque=35@8.4 travelDegrees=270 maxVolts=8.4
standard servo 3.2kgf·cm 4.8V 0.23s 4.1kgf·cm 6V 0.19s | servo | torque=3.2@4.8,4.1@6 speed=0.23@4.8,0.19@6 maxVolts=6
servo 40x20x38mm 43g 5.5 kg-cm | servo | millimetres=40,20,38 kilograms=0.043 torque=5.5
servo 180 N·cm 6V | servo | torque=18.355@6 maxVolts=6
servo 1.2 N·m 7.4V stall 2.4A | servo | torque=12.237@7.4 maxVolts=7.4 stallAmps=2.4@7.4
servo stall current 3A 25kg | servo | stallAmps=3 torque=25
sail winch servo 12kg 6V 1.4s | servo | torque=12@6 speed=1.4@6 maxVolts=6
winch servo 10 kg·cm | servo | torque=10
servo 15kg (6.0V) 18kg (7.4V) | servo | torque=15@6,18@7.4 maxVolts=7.4
low profile servo 9kg 0.08s @ 7.4V 25 teeth | servo | torque=9@7.4 speed=0.08@7.4 maxVolts=7.4 teeth=25
servo 4.8V-6.0V 3.5kg 0.18sec | servo | minVolts=4.8 maxVolts=6 torque=3.5@6 speed=0.18@6
servo 0.14 s/60° 8 kg 6 V | servo | speed=0.14@6 torque=8@6 maxVolts=6
servo 60°/0.12s 6kg 6V | servo | speed=0.12@6 torque=6@6 maxVolts=6
servo torque 11kg speed 0.15s voltage 6~8.4V | servo | torque=11@8.4 speed=0.15@8.4 minVolts=6 maxVolts=8.4
20kg 5V, 21.5kg 6.8V servo | servo | torque=20@5,21.5@6.8 maxVolts=6.8
servo 4.8 to 6 V 2.2 kg/cm | servo | minVolts=4.8 maxVolts=6 torque=2.2@6
waterproof servo 25kgcm | servo | torque=25
steering servo 40 kgf.cm 8.4V 0.1s/60 stall 4.5A | servo | torque=40@8.4 speed=0.1@8.4 stallAmps=4.5@8.4 maxVolts=8.4
9ch 2.4GHz receiver 4.8-8.4V | receiver | channels=9 minVolts=4.8 maxVolts=8.4
receiver 6 channel 4-6.5V | receiver | channels=6 minVolts=4 maxVolts=6.5
RX 3ch 2.4 GHz | receiver | channels=3
8-channel receiver 3.5-8.4V 40mA 12g | receiver | channels=8 minVolts=3.5 maxVolts=8.4 amps=0.04 kilograms=0.012
4ch rx 4.8–6 V | receiver | channels=4 minVolts=4.8 maxVolts=6
2.4G receiver 7ch 10V max | receiver | channels=7 maxVolts=10
micro receiver 5 ch 3.3V~8.4V | receiver | channels=5 minVolts=3.3 maxVolts=8.4
6 channel transmitter | transmitter | channels=6
transmitter 2.4GHz 10ch | transmitter | channels=10
3ch wheel radio | transmitter | channels=3
stick radio 8 channels | transmitter | channels=8
tx 4ch 2.4G | transmitter | channels=4
UBEC 5V 5A input 6-26V | regulator | becVolts=5 becAmps=5 minInputVolts=6 maxInputVolts=26
SBEC 3A 5V/6V | regulator | becAmps=3 becVolts=5,6
BEC 6V 8A 2-6S | regulator | becVolts=6 becAmps=8 minCells=2 maxCells=6
UBEC 7.4V 10A in 7-42V | regulator | becVolts=7.4 becAmps=10 minInputVolts=7 maxInputVolts=42
voltage regulator 5V 3A | regulator | becVolts=5 becAmps=3
step-down buck 12V 5A input 15-36V | regulator | becVolts=12 becAmps=5 minInputVolts=15 maxInputVolts=36
UBEC output 5/6/7.4V 6A peak 10A | regulator | becVolts=5,6,7.4 becAmps=6 burstAmps=10
BEC 5.5-30V 6V 3A | regulator | minInputVolts=5.5 maxInputVolts=30 becVolts=6 becAmps=3
linear BEC 5V 1A | regulator | becVolts=5 becAmps=1
SBEC 6V 5A 20g 2-4S | regulator | becVolts=6 becAmps=5 kilograms=0.02 minCells=2 maxCells=4
LED bar 12V 3W | load | maxVolts=12 amps=0.25
LED 3V 20mA | load | maxVolts=3 amps=0.02
lamp 6V 50mA | load | maxVolts=6 amps=0.05
pump 6-12V 1.5A | load | minVolts=6 maxVolts=12 amps=1.5
smoke unit 7.4V 2.5A | load | maxVolts=7.4 amps=2.5
fan 30mm 5V 0.15A | load | maxVolts=5 amps=0.15
sound board 6-12.6V 0.5A | load | minVolts=6 maxVolts=12.6 amps=0.5
horn 6V 300 mA | load | maxVolts=6 amps=0.3
bilge pump 12 V 18 W | load | maxVolts=12 amps=1.5
light kit 4.8-6V 120mA | load | minVolts=4.8 maxVolts=6 amps=0.12
beacon LED 6V 0,06A | load | maxVolts=6 amps=0.06
cooling fan 40x40x10mm 12V 80mA | load | millimetres=40,40,10 maxVolts=12 amps=0.08
RC switch 10A 4.8-6V | switch | amps=10 minVolts=4.8 maxVolts=6
electronic switch 5A 30V | switch | amps=5 maxVolts=30
switch 15A | switch | amps=15
hand switch 3 A 6V | switch | amps=3 maxVolts=6
relay 6V 10A | switch | maxVolts=6 amps=10
30A fuse | fuse | amps=30
blade fuse 15A 32V | fuse | amps=15 maxVolts=32
fuse 7.5A | fuse | amps=7.5
glass fuse 500mA | fuse | amps=0.5
22AWG servo lead 300mm | cable | gauge=22 millimetres=300
servo extension 30cm 26 AWG | cable | millimetres=300 gauge=26
Y-lead 150 mm | cable | millimetres=150
14 awg wire 1m | cable | gauge=14 millimetres=1000
AWG12 battery lead 10 cm | cable | gauge=12 millimetres=100
extension lead 12 inch | cable | millimetres=304.8
power harness 16AWG 200mm 30A | cable | gauge=16 millimetres=200 amps=30
540 27T brushed motor 7.4V | motor | can=540 turns=27 motorKind=brushed maxVolts=7.4
brushless 3660 3200kv 60A 3S | motor | motorKind=brushless can=3660 kv=3200 fullLoadAmps=60 maxCells=3
tank motor 380 6V 0.8A no load | motor | can=380 maxVolts=6 noLoadAmps=0.8
35A brushless ESC 3S BEC 5V 3A | controller | continuousAmps=35 motorKind=brushless maxCells=3 becVolts=5 becAmps=3
2S 7.4V 3800mAh 45C LiPo 240 g | pack | cells=2 ampHours=3.8 dischargeRate=45 chemistry=LiPo kilograms=0.24
servo 12 kg 0.14s 6.0V 15kg 0.12s 7.4V | servo | torque=12@6,15@7.4 speed=0.14@6,0.12@7.4 maxVolts=7.4
servo 20kg coreless motor 7.4V | servo | torque=20@7.4 maxVolts=7.4
motor lead 14AWG 10cm | cable | gauge=14 millimetres=100
receiver pack 4 cells NiMH 4.8V | pack | cells=4 chemistry=NiMH
mini servo 4.2kg 20g 5V | servo | torque=4.2@5 kilograms=0.02 maxVolts=5
`;

export interface LabelLine {
  line: string;
  kind: string;
  /** `name=value`, and `name=value@volts` for each of several. */
  figures: string[];
}

/** The lines of the table. */
export const labelLines: LabelLine[] = table
  .trim()
  .split('\n')
  .map((row) => {
    const [line, kind, figures] = row.split(' | ') as [string, string, string];
    // A chemistry may be two words.
    const all = figures.replace('dry cell', 'dry_cell').split(' ');
    return { line, kind, figures: all.flatMap(oneEach) };
  });

/** Torque and speed at several volts are several figures; other lists are one. */
function oneEach(text: string): string[] {
  const [name, values] = text.replace('dry_cell', 'dry cell').split('=') as [string, string];
  return name === 'torque' || name === 'speed' || name === 'stallAmps'
    ? values.split(',').map((value) => `${name}=${value}`)
    : [`${name}=${values}`];
}
