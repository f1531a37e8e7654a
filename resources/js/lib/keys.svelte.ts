import { onDestroy } from 'svelte';

export interface Key {
    what: string;
    press: () => void;
}

type Keys = Record<string, Key>;

/** Single keys for what is done often. They rest while somebody types. */
export class KeyBoard {
    sheet = $state(false);
    #layers = $state.raw<{ keys: () => Keys }[]>([]);

    /** Keys of a screen, for as long as it is shown. */
    use(keys: () => Keys): void {
        const layer = { keys };
        this.#layers = [...this.#layers, layer];
        onDestroy(() => {
            this.#layers = this.#layers.filter((one) => one !== layer);
        });
    }

    get all(): Keys {
        return Object.assign({}, ...this.#layers.map((layer) => layer.keys())) as Keys;
    }

    /** True when the key was one of ours. */
    press(event: KeyboardEvent): boolean {
        const at = event.target;
        const typing = at instanceof HTMLElement && (at.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(at.tagName));
        if (typing || event.ctrlKey || event.metaKey || event.altKey) {
            return false;
        }
        if (event.key === '?') {
            this.sheet = !this.sheet;
            return true;
        }
        const key = this.all[event.key];
        key?.press();
        return key !== undefined;
    }
}

export const keys = new KeyBoard();
