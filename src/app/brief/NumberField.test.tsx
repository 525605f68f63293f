// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { mounted } from '../../../tests/kit/mounted';
import { NumberField } from './NumberField';

let page: ReturnType<typeof mounted>;
let taken: (number | undefined)[] = [];

const show = (value: number | undefined) =>
  page.show(
    <NumberField
      label="Mass, kg"
      value={value}
      least={0.01}
      most={500}
      onTake={(typed) => taken.push(typed)}
    />,
  );

beforeEach(() => {
  taken = [];
  page = mounted();
});

afterEach(() => page.end());

describe('a field for a number', () => {
  it('is taken when it is left, with a comma or a point, and when it is emptied', () => {
    show(4);
    page.type('4,5');
    expect(taken).toEqual([]);
    page.leave();
    show(4.5);
    page.type('');
    page.leave();
    expect(taken).toEqual([4.5, undefined]);
  });

  it('keeps what makes no sense, with why, until it is put right', () => {
    show(4);
    page.type('ten');
    page.leave();
    expect([page.field().value, page.place.textContent]).toEqual([
      'ten',
      expect.stringContaining('from 0.01 to 500'),
    ]);
    page.type('10');
    page.leave();
    expect(taken).toEqual([10]);
    show(10);
    expect(page.place.textContent).not.toContain('from 0.01');
  });

  it('shows the figure once it is another, by an undo or for another part', () => {
    show(4);
    page.type('ten');
    page.leave();
    show(6);
    expect(page.field().value).toBe('6');
    expect(page.place.textContent).not.toContain('from 0.01');
  });
});
