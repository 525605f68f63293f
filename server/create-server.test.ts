import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { once } from 'node:events';
import { get, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readRecording } from '../src/core/bench/instruments/bench-line';
import { createServer } from './create-server';

let listener: Server;
let address: string;

beforeAll(async () => {
  const builtApp = mkdtempSync(path.join(tmpdir(), 'dry-hull-app-'));
  writeFileSync(path.join(builtApp, 'index.html'), '<p>the app</p>');
  await new Promise<void>((resolve) => {
    listener = createServer(builtApp).listen(0, '127.0.0.1', () => resolve());
  });
  address = `http://127.0.0.1:${(listener.address() as AddressInfo).port}`;
});

afterAll(() => listener.close());

describe('the server', () => {
  it('gives the application at any address of it', async () => {
    for (const place of ['/', '/loom', '/fit-out?step=bind']) {
      expect(await (await fetch(address + place)).text()).toBe('<p>the app</p>');
    }
  });

  it('answers who it is, and 404 for what it does not have', async () => {
    expect(await (await fetch(`${address}/api/health`)).json()).toEqual({ name: 'dry-hull' });
    expect((await fetch(`${address}/api/other`)).status).toBe(404);
    expect((await fetch(`${address}/assets/missing.js`)).status).toBe(404);
  });

  it('tells nothing of its own folders when it cannot answer', async () => {
    const broken = createServer('not/absolute').listen(0, '127.0.0.1');
    await once(broken, 'listening');
    const { port } = broken.address() as AddressInfo;
    const answer = await fetch(`http://127.0.0.1:${port}/loom`);
    expect(answer.status).toBe(500);
    expect(await answer.text()).toBe('This could not be answered');
    broken.close();
  });

  it('answers only to the names of this machine, and only to who reads', async () => {
    const { port } = new URL(address);
    const asked = (host: string) =>
      new Promise<number | undefined>((resolve, reject) => {
        get({ host: '127.0.0.1', port, path: '/', headers: { host } }, (answer) => {
          answer.resume();
          resolve(answer.statusCode);
        }).on('error', reject);
      });
    expect(await asked('localhost:4300')).toBe(200);
    expect(await asked('evil.example')).toBe(421);
    expect((await fetch(address, { method: 'POST', body: 'x' })).status).toBe(405);
  });

  it('streams what instruments read at a step of a build, and refuses what is none', async () => {
    const build = readFileSync('demo/harbour-tug.dryhull.json', 'utf8');
    const ask = (step: string, body: string, type = 'application/json') =>
      fetch(`${address}/api/bench-stream?step=${step}`, {
        method: 'POST',
        headers: { 'content-type': type },
        body,
      });
    expect((await ask('no-such-step', build)).status).toBe(404);
    expect((await ask('range&fault=gremlins', build)).status).toBe(404);
    const refused = await ask('range', '{"format": 1}');
    expect(refused.status).toBe(422);
    expect(await refused.json()).toMatchObject({ problem: expect.stringMatching(/format/) as unknown });
    // What any page could send unasked is not read.
    expect((await ask('range', build, 'text/plain')).status).toBe(422);
    const stream = await ask('measure-rest:rail:receiver', build);
    const reader = stream.body!.pipeThrough(new TextDecoderStream()).getReader();
    let text = '';
    while (!text.includes('"meter"')) text += (await reader.read()).value ?? '';
    await reader.cancel();
    const whole = text.slice(0, text.lastIndexOf('\n'));
    const read = readRecording(whole);
    expect(read.ok && read.value[0]).toMatchObject({ of: 'meter', kind: 'volts' });
  });

  it('lets the page ask nothing of the device, and write no styles of its own', async () => {
    const { headers } = await fetch(address);
    expect(headers.get('permissions-policy')).toContain('camera=()');
    expect(headers.get('content-security-policy')).not.toContain('unsafe-inline');
  });

  it('lets the page load nothing but its own files', async () => {
    const { headers } = await fetch(address);
    const policy = headers.get('content-security-policy');
    expect(policy).toContain("default-src 'self'");
    expect(policy).not.toContain('upgrade-insecure-requests');
    // Only the worker that reads photographs may compile.
    expect(policy).not.toContain('wasm-unsafe-eval');
    const reader = await fetch(`${address}/ocr/worker.min.js`);
    expect(reader.headers.get('content-security-policy')).toContain("script-src 'self' 'wasm-unsafe-eval'");
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('x-powered-by')).toBeNull();
  });
});
