import { describe, expect, it } from 'vitest';
import { appFaults, docFaults, wordingFaults } from './wording';

describe('the wording of the app', () => {
  it('is short sentences without turns that nobody says', () => expect(appFaults()).toEqual([]));

  it('is checked by length and by turns', () => {
    const long = Array.from({ length: 17 }, () => 'word').join(' ');
    expect(wordingFaults(long, 16)).toHaveLength(1);
    expect(wordingFaults('It was handed in and taken back.', 16)).toHaveLength(2);
    expect(wordingFaults('Export and import data.', 16)).toEqual([]);
  });
});

it('the docs have short sentences too', () => expect(docFaults()).toEqual([]));
