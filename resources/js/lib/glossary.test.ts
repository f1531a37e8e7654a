import { expect, it } from 'vitest';
import { onScreen, parted, type Term } from './glossary';

const term = (code: string, word: string, ...also: string[]): Term => ({ code, term: word, also, means: '…' });

it('finds the words that stand on a screen by themselves, in any form, and not within another', () => {
    const terms = [term('scale', 'scale'), term('mites', 'spider mites', 'mites'), term('case', 'case'), term('percent', 'percent', '%')];
    const found = (text: string): string[] => onScreen(terms, text).map((one) => one.code);
    expect(found('Mites on Lemon in the tub: 0.5 % oil')).toEqual(['mites', 'percent']);
    expect(found('Escalated in a staircase; in any case, scale.')).toEqual(['scale', 'case']);
    expect(found('')).toEqual([]);
});

it('parts a sentence at the words that it explains: each once, the longer one first, as it stands there', () => {
    const terms = [term('neem', 'neem oil', 'neem'), term('burn', 'burn', 'burnt'), term('percent', 'percent', '%')];
    const said = (sentence: string): string[] => parted(terms, sentence).map((part) => (part.term === null ? part.said : `[${part.said}]`));
    expect(said('Neem oil burnt 2 % of the leaves; neem does.')).toEqual(['[Neem oil]', ' ', '[burnt]', ' 2 % of the leaves; neem does.']);
    expect(said('Burns are others.')).toEqual(['Burns are others.']);
    expect(said('')).toEqual(['']);
    expect(parted([], 'As it is.')).toEqual([{ said: 'As it is.', term: null }]);
});
