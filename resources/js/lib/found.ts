/** Whether each word of what is sought is in one of some texts, in any order. */
export function wordsIn(sought: string, texts: string[]): boolean {
    const all = texts.join(' ').toLowerCase();
    return sought
        .toLowerCase()
        .split(/\s+/)
        .every((word) => all.includes(word));
}
