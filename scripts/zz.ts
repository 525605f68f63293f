import { chromium, type Page } from '@playwright/test';
import { browserOptions } from './browser-options';
import { choose, newBuild } from '../tests/e2e/tug';
const b = await chromium.launch(browserOptions as never);
const models: { name: string; kind: string; functions: string[]; parts: [string, RegExp][] }[] = [
  { name: 'Track car', kind: 'car', functions: ['Steering', 'Drive'], parts: [['Steering: part', /^mini servo \d/], ['Drive: part', /^brushless controller, 60 A/], ['Add: Transmitter', /^wheel transmitter, 3/], ['Add: Receiver', /^receiver, 3 channels/], ['Add: Pack', /^LiPo, 2 cells, 5000/], ['Add: Motor', /^brushless motor, 3300/]] },
  { name: 'Pond yacht', kind: 'yacht', functions: ['Steering', 'Sail winch'], parts: [['Steering: part', /^standard servo \d/], ['Sail winch: part', /winch/], ['Add: Transmitter', /^transmitter, 6/], ['Add: Receiver', /^receiver, 6 channels, skerry/], ['Add: Pack', /^NiMH, 5 cells/]] },
  { name: 'Quarry excavator', kind: 'tracked machine', functions: ['Left track', 'Right track', 'Slew', 'Lift'], parts: [...['Left track', 'Right track', 'Slew', 'Lift'].map((t): [string, RegExp] => [`${t}: part`, /^brushed controller, 30 A, switching/]), ['Add: Transmitter', /^transmitter, 10/], ['Add: Receiver', /^receiver, 8 channels, skerry/], ['Add: Pack', /^LiPo, 2 cells, 5000/], ...Array.from({ length: 4 }, (): [string, RegExp] => ['Add: Motor', /brushed motor, 620/])] },
];
for (const m of models) {
  const p: Page = await b.newPage({ viewport: { width: 1280, height: 800 } });
  await p.addInitScript(() => localStorage.setItem('dry-hull-guide', '{"state":{"isOpen":false},"version":0}'));
  p.on('pageerror', (e) => console.log('ERR', e.message));
  await p.goto('http://127.0.0.1:4399/brief');
  await p.waitForTimeout(1500);
  await newBuild(p, m.name, m.kind);
  for (const f of m.functions) await p.getByRole('button', { name: f, exact: true }).click();
  for (const [l, o] of m.parts) { try { await choose(p, l, o); } catch (e) { console.log('NO', l, o, String(e).slice(0, 80)); await p.keyboard.press('Escape'); } }
  await p.getByRole('link', { name: 'Wire it for me' }).click();
  await p.getByRole('button', { name: /^Do these \d+ steps/ }).click();
  await p.waitForTimeout(800);
  console.log('##', m.name, (await p.getByRole('group', { name: 'The five wells' }).innerText()).replaceAll('\n', ' '));
  await p.getByRole('link', { name: '6 Fit-out' }).click();
  await p.getByRole('button', { name: 'Rehearse it' }).click();
  await p.getByRole('button', { name: 'Under way' }).click();
  await p.getByLabel('Transmitter on').check();
  await p.getByLabel('Pack in').check();
  await p.waitForTimeout(5500);
  const show = async (t: string) => { console.log('--', t, (await p.getByRole('list', { name: 'The model' }).innerText()).replaceAll('\n', ' | ').replaceAll('Hold its arm', '').slice(0, 900)); console.log('   ', (await p.locator('p.figure, [class*=figuresNow]').first().innerText()).replaceAll('\n', ' ')); };
  await show('rest');
  for (const f of m.functions) { const s = p.getByRole('slider', { name: f }); if (await s.count()) { await s.focus(); for (let k = 0; k < 20; k++) await p.keyboard.press('ArrowRight'); await p.waitForTimeout(1500); await show(f); } }
  console.log((await p.getByRole('region', { name: 'Heard' }).innerText()).replaceAll('\n', ' ; ').slice(0, 600));
  await p.screenshot({ path: `/tmp/r-${m.kind.slice(0, 3)}.png` });
  await p.close();
}
await b.close();
