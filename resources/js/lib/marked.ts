/**
 * The field that a fault is about is marked and has the focus, until it is changed: whoever does not see the page is told what and why.
 *
 * @returns whether there is such a field
 *
 * @param path where in what was sent, like `/holds/amount`
 */
export function marked(note: HTMLElement, path: string): boolean {
    const around = note.closest('form,section,main') ?? note.parentElement;
    const field = path
        .split('/')
        .filter((part) => part !== '')
        .toReversed()
        .map((part) => around?.querySelector<HTMLElement>(`[name="${CSS.escape(part)}"]:not([type=hidden])`))
        .find((one) => one?.checkVisibility());
    if (field == null) {
        return false;
    }
    const before = field.getAttribute('aria-describedby');
    const off = (): void => {
        field.removeAttribute('aria-invalid');
        if (before === null) {
            field.removeAttribute('aria-describedby');
        } else {
            field.setAttribute('aria-describedby', before);
        }
        field.removeEventListener('input', off);
    };
    field.setAttribute('aria-invalid', 'true');
    field.setAttribute('aria-describedby', [before, note.id].filter(Boolean).join(' '));
    field.addEventListener('input', off);
    field.focus();
    return true;
}
