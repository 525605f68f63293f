import { describe, expect, it } from 'vitest';
import { glossary, withTerms } from './glossary';

describe('withTerms', () => {
  it('marks each word once, at its first use, and keeps the text', () => {
    const text = 'The rail sinks: a brown-out. The rail again.';
    const pieces = withTerms(text);
    expect(pieces.map((piece) => piece.text).join('')).toBe(text);
    expect(pieces.filter((piece) => piece.term).map((piece) => piece.term)).toEqual(['rail', 'brown-out']);
  });

  it('takes the longest word there is', () => {
    expect(withTerms('Take the bind plug out').find((term) => term.term)?.term).toBe('bind plug');
    expect(withTerms('the red wires').find((term) => term.term)?.term).toBe('red wires');
  });

  it('finds no word inside another', () => {
    expect(withTerms('It trailed behind.')).toEqual([{ text: 'It trailed behind.' }]);
  });

  it('explains each word in one sentence that ends', () => {
    for (const [term, sentence] of Object.entries(glossary))
      expect(sentence, term).toMatch(/^[A-Z].{20,}\.$/);
  });
});
