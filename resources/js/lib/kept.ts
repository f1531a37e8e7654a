/**
 * Something kept on this device under a name. Storage may be shut or full, or hold what is not ours: then nothing is kept,
 * and whoever asked goes on without.
 */
export class Kept {
    constructor(readonly key: string) {}

    read(): unknown {
        try {
            return JSON.parse(localStorage.getItem(this.key) ?? 'null');
        } catch {
            return null;
        }
    }

    keep(value: unknown): void {
        try {
            localStorage.setItem(this.key, JSON.stringify(value));
        } catch {
            // See above.
        }
    }

    /** Whether what is kept here can be read again. */
    works(): boolean {
        try {
            localStorage.setItem(`${this.key}-probe`, '1');
            localStorage.removeItem(`${this.key}-probe`);
            return true;
        } catch {
            return false;
        }
    }

    drop(): void {
        try {
            localStorage.removeItem(this.key);
        } catch {
            // See above.
        }
    }
}
