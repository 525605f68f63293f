// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import type { LockerItem } from '../../core/model/kinds/locker-item';
import type { ServoSpec } from '../../core/model/kinds/servo/servo';
import { stated } from '../../core/base/validation/figure';
import { starterPart } from '../../core/model/starter/starter-locker';
import { LockerRepository } from '../../storage/locker-repository';
import { database } from './database';
import { useLocker } from './locker-store';
import { useRefusal } from './refusal-store';

const elsewhere = new LockerRepository(database, []);
const mine = (): LockerItem => useLocker.getState().items.find((item) => item.part.id === 'own-servo')!;
const servo = (): ServoSpec => mine().part as ServoSpec;

/** One figure of the first voltage, as a form changes it: from the sheet as it is shown then. */
const typed = (change: Partial<ServoSpec['sheet'][number]>): LockerItem => {
  const [first, ...rest] = servo().sheet;
  return { ...mine(), part: { ...servo(), sheet: [{ ...first!, ...change }, ...rest] } };
};

beforeEach(async () => {
  useRefusal.setState({ refusal: undefined });
  await database.locker.clear();
  const part = { ...starterPart('servo-standard'), id: 'own-servo', name: 'Throttle servo' };
  await useLocker.getState().save({ part, state: 'own', isStarter: false });
});

describe('a sheet typed faster than it is stored', () => {
  it('keeps every figure, and speaks of no other window', async () => {
    const { save } = useLocker.getState();
    const first = save(typed({ stallAmps: stated(0.9) }));
    const second = save(typed({ sixtyDegreeSeconds: stated(0.14) }));
    await Promise.all([first, second]);
    expect(servo().sheet[0]).toMatchObject({
      stallAmps: { value: 0.9 },
      sixtyDegreeSeconds: { value: 0.14 },
    });
    expect(useRefusal.getState().refusal).toBeUndefined();
    expect((await elsewhere.list()).items).toEqual([mine()]);
  });

  it('is told as not stored until it lies there', async () => {
    const saving = useLocker.getState().save(typed({ stallAmps: stated(0.9) }));
    expect(useLocker.getState().isWriting).toBe(true);
    await saving;
    expect(useLocker.getState().isWriting).toBe(false);
    expect((await elsewhere.list()).items).toEqual([mine()]);
  });

  it('still tells of a figure that another window changed meanwhile, and takes in the rest', async () => {
    const theirs = typed({ stallAmps: stated(1.1) });
    await elsewhere.save({ ...theirs, price: 12 }, mine());
    await useLocker.getState().save(typed({ stallAmps: stated(0.9) }));
    expect(mine().price).toBe(12);
    expect(servo().sheet[0]!.stallAmps).toMatchObject({ value: 0.9 });
    expect(useRefusal.getState().refusal).toBeDefined();
  });

  it('shows what is stored where a write fails', async () => {
    const before = mine();
    database.close();
    await expect(useLocker.getState().save({ ...before, price: 3 })).rejects.toThrow();
    await database.open();
    await useLocker.getState().load();
    expect(mine()).toEqual(before);
  });
});
