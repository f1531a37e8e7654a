import { api, taken, type Schemas } from './client';

export type Term = Schemas['Glossary'];

let asked: Promise<Term[]> | null = null;

/** The words that are explained, asked for once a page; none where they do not come. */
export function glossary(): Promise<Term[]> {
    asked ??= taken(api.GET('/api/glossary')).then(
        (answer) => answer.terms,
        () => {
            asked = null;
            return [];
        },
    );
    return asked;
}

const LETTER = /[\p{L}\p{N}]/u;

/** Where a word stands in a text by itself and not within another; -1 where it does not. */
function placeOf(text: string, word: string): number {
    for (let at = text.indexOf(word); at !== -1; at = text.indexOf(word, at + 1)) {
        if (!LETTER.test(text.charAt(at - 1)) && !LETTER.test(text.charAt(at + word.length))) {
            return at;
        }
    }
    return -1;
}

/** Those words that stand on a screen now. */
export function onScreen(terms: readonly Term[], text: string): Term[] {
    const said = text.toLowerCase();
    return terms.filter((one) => [one.term, ...one.also].some((word) => placeOf(said, word.toLowerCase()) !== -1));
}

/** A sentence in parts, each as it stands there, with the word that it is; every word once, the longer one before what stands in it. */
export function parted(terms: readonly Term[], sentence: string): { said: string; term: Term | null }[] {
    const forms = terms
        .flatMap((term) => [term.term, ...term.also].map((form) => ({ form: form.toLowerCase(), term })))
        // A sign alone is no word to press.
        .filter(({ form }) => form.length > 1)
        .toSorted((a, b) => b.form.length - a.form.length);
    let parts: { said: string; term: Term | null }[] = [{ said: sentence, term: null }];
    for (const { form, term } of forms) {
        const i = parts.findIndex((part) => part.term === null && placeOf(part.said.toLowerCase(), form) !== -1);
        const part = parts[i];
        if (part === undefined || parts.some((one) => one.term === term)) {
            continue;
        }
        const at = placeOf(part.said.toLowerCase(), form);
        parts = parts.toSpliced(
            i,
            1,
            ...[
                { said: part.said.slice(0, at), term: null },
                { said: part.said.slice(at, at + form.length), term },
                { said: part.said.slice(at + form.length), term: null },
            ].filter((one) => one.said !== ''),
        );
    }
    return parts;
}
