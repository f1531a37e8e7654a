/** The sentences of one language, by key: `area/which`. */
export type Sentences = ReadonlyMap<string, string>;

/** What stands in a call of `say`: its key, and the code of what goes into the sentence. */
export type Call = { start: number; end: number; key: string; given: Map<string, string> };

const OPENING = '([{';
const CLOSING = ')]}';

/** Where the text or bracket that begins here ends: the place after its last character. */
function after(code: string, at: number): number {
    const first = code.charAt(at);
    if (first === "'" || first === '"' || first === '`') {
        for (let i = at + 1; i < code.length; ++i) {
            if (code.charAt(i) === '\\') {
                ++i;
            } else if (first === '`' && code.startsWith('${', i)) {
                i = after(code, i + 1) - 1;
            } else if (code.charAt(i) === first) {
                return i + 1;
            }
        }
        throw new Error('A text has no end.');
    }
    if (OPENING.includes(first)) {
        for (let i = at + 1; i < code.length; i = after(code, i)) {
            if (CLOSING.includes(code.charAt(i))) {
                return i + 1;
            }
        }
        throw new Error('A bracket has no end.');
    }
    return at + 1;
}

/** The members of an object, name by name. */
function members(body: string): Map<string, string> {
    const all = new Map<string, string>();
    const keep = (part: string): void => {
        const [, name, code] = /^\s*(\w+)\s*(?::\s*([\s\S]*))?$/.exec(part) ?? [];
        if (name !== undefined) {
            all.set(name, code?.trim() ?? name);
        } else if (part.trim() !== '') {
            throw new Error(`“${part.trim()}” is no name with what it stands for.`);
        }
    };
    let from = 0;
    for (let i = 0; i < body.length; i = after(body, i)) {
        if (body.charAt(i) === ',') {
            keep(body.slice(from, i));
            from = i + 1;
        }
    }
    keep(body.slice(from));
    return all;
}

/** All calls of `say` in a file, the inner ones left to a second look. */
export function calls(code: string): Call[] {
    const found: Call[] = [];
    const opening = /\bsay\(\s*'([^']+)'\s*,?\s*/g;
    for (let match = opening.exec(code); match !== null; match = opening.exec(code)) {
        const at = match.index + match[0].length;
        const end = code.charAt(at) === '{' ? after(code, at) : at;
        const close = /^\s*,?\s*\)/.exec(code.slice(end));
        if (close === null || match[1] === undefined) {
            throw new Error(`say() takes a key and an object: ${code.slice(match.index, end + 20)}`);
        }
        const given = end > at ? members(code.slice(at + 1, end - 1)) : new Map<string, string>();
        found.push({ start: match.index, end: end + close[0].length, key: match[1], given });
        opening.lastIndex = end + close[0].length;
    }
    return found;
}

/** The parts of a sentence: what is said, and the names of what is put in between. */
function parts(sentence: string): { said: string; name: string | undefined }[] {
    return [...sentence.matchAll(/([^{]*)(?:\{(\w+)\})?/g)].filter(([all]) => all !== '').map(([, said = '', name]) => ({ said, name }));
}

/** The sentence of a call, its arguments looked at: nothing may be missing and nothing given in vain. */
function sentenceOf(call: Call, sentences: Sentences): string {
    const sentence = sentences.get(call.key);
    if (sentence === undefined) {
        throw new Error(`There is no sentence “${call.key}”: write it in core/words/en/screens.`);
    }
    const wanted = new Set(parts(sentence).flatMap(({ name }) => name ?? []));
    const missing = [...wanted].filter((name) => !call.given.has(name));
    const vain = [...call.given.keys()].filter((name) => !wanted.has(name));
    if (missing.length > 0 || vain.length > 0) {
        throw new Error(
            `“${call.key}” says “${sentence}”: not given ${missing.join(', ') || 'nothing'}, not said ${vain.join(', ') || 'nothing'}.`,
        );
    }
    return sentence;
}

const inMarkup = (text: string): string => text.replace(/[{}<&]/g, (one) => `&#${one.charCodeAt(0)};`);
const inTemplate = (text: string): string => text.replace(/[\\`]|\$\{/g, '\\$&');

/** The code of a sentence in a script: a text, or a template with its arguments. */
function asCode(sentence: string, given: Map<string, string>): string {
    return given.size === 0
        ? JSON.stringify(sentence)
        : '`' +
              parts(sentence)
                  .map(({ said, name }) => inTemplate(said) + (name === undefined ? '' : `\${${given.get(name) ?? ''}}`))
                  .join('') +
              '`';
}

/** The sentence where it stands by itself between tags: as if it had been written there. */
function asMarkup(sentence: string, given: Map<string, string>): string {
    return sentence.trim() === sentence
        ? parts(sentence)
              .map(({ said, name }) => inMarkup(said) + (name === undefined ? '' : `{${given.get(name) ?? ''}}`))
              .join('')
        : `{${asCode(sentence, given)}}`;
}

/** The file with each sentence in the place of its key: what is built knows one language, and takes no time to look anything up. */
export function inlined(code: string, sentences: Sentences, markup: boolean): string {
    let out = '';
    let from = 0;
    for (const call of calls(code)) {
        const sentence = sentenceOf(call, sentences);
        const given = new Map([...call.given].map(([name, inner]) => [name, inlined(inner, sentences, false)]));
        // `{say(…)}` between tags or as an attribute; in a script an object has a blank behind its brace.
        const alone = markup && code.charAt(call.start - 1) === '{' && code.charAt(call.end) === '}';
        if (alone && code.charAt(call.start - 2) !== '=') {
            out += code.slice(from, call.start - 1) + asMarkup(sentence, given);
            from = call.end + 1;
        } else if (alone && given.size === 0) {
            out += `${code.slice(from, call.start - 1)}"${inMarkup(sentence).replaceAll('"', '&quot;')}"`;
            from = call.end + 1;
        } else {
            out += code.slice(from, call.start) + asCode(sentence, given);
            from = call.end;
        }
    }
    return out + code.slice(from);
}
