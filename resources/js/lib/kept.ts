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

    drop(): void {
        try {
            localStorage.removeItem(this.key);
        } catch {
            // See above.
        }
    }
}
