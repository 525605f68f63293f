import { Ajv } from 'ajv';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { writeLockerFile } from '../src/core/model/file/locker-file';
import { starterPart } from '../src/core/model/starter/starter-locker';
import { formatSchema } from './format-schema';

interface File {
  build: { parts: Record<string, unknown>[]; leads: { metres: { value: number } }[] };
}

const schema = JSON.parse(JSON.stringify(formatSchema())) as object;
const isValid = new Ajv({ strict: false }).compile(schema);
const demo = (name: string) =>
  JSON.parse(readFileSync(new URL(`../demo/${name}.dryhull.json`, import.meta.url), 'utf8')) as File;

describe('the format’s JSON Schema', () => {
  it('in the docs is the one the code gives', () => {
    const committed = readFileSync(new URL('../docs/format/dry-hull.schema.json', import.meta.url), 'utf8');
    expect(JSON.parse(committed)).toEqual(schema);
  });

  it.each(['harbour-tug-as-planned', 'harbour-tug'])('describes the demo %s', (name) => {
    expect(isValid(demo(name)), JSON.stringify(isValid.errors?.[0])).toBe(true);
  });

  it('describes a locker file, and not both in one', () => {
    const items = [
      { part: starterPart('servo-standard'), state: 'own' as const, price: 3, isStarter: false },
    ];
    const locker = JSON.parse(writeLockerFile(items)) as object;
    expect(isValid(locker), JSON.stringify(isValid.errors?.[0])).toBe(true);
    expect(isValid({ ...demo('harbour-tug'), ...locker })).toBe(false);
  });

  it('refuses an unknown field, an unknown kind and a figure out of range', () => {
    const withField = demo('harbour-tug');
    withField.build.parts[0]!.surprise = 1;
    const withKind = demo('harbour-tug');
    withKind.build.parts[0]!.kind = 'kettle';
    const withLength = demo('harbour-tug');
    withLength.build.leads[0]!.metres.value = 900;
    for (const file of [withField, withKind, withLength]) expect(isValid(file)).toBe(false);
  });
});
