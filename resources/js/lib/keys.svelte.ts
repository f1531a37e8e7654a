import { onDestroy } from 'svelte';
import { Kept } from './kept';

export interface Key {
    what: string;
    press: () => void;
}

type Keys = Record<string, Key>;

function isTyping(at: EventTarget | null): boolean {
    const field = at as Partial<HTMLElement> | null;
    return field?.isContentEditable === true || /^(INPUT|TEXTAREA|SELECT)$/.test(field?.tagName ?? '');
}

/** Between the fields of something that is being entered, or where it failed: a figure that is typed there is none of ours. */
function isEntering(at: EventTarget | null): boolean {
    const inForm = (at as Partial<Element> | null)?.closest?.('form, [data-enters]') != null;
    return inForm || (typeof document !== 'undefined' && document.querySelector('form:has([role=alert])') !== null);
}

/** Single keys for what is done often. They rest while somebody types or enters something. */
export class KeyBoard {
    sheet = $state(false);
    readonly #kept = new Kept('idle-mixer-keys');
    /** Who talks to the machine, or knocks against keys, can leave them off; the sheet itself always opens. */
    #on = $state(this.#kept.read() !== 'off');
    #layers = $state.raw<{ keys: () => Keys }[]>([]);

    /** Keys of a screen, for as long as it is shown. */
    use(keys: () => Keys): void {
        const layer = { keys };
        this.#layers = [...this.#layers, layer];
        onDestroy(() => {
            this.#layers = this.#layers.filter((one) => one !== layer);
        });
    }

    get on(): boolean {
        return this.#on;
    }

    set on(on: boolean) {
        this.#on = on;
        this.#kept.keep(on ? 'on' : 'off');
    }

    get all(): Keys {
        return Object.assign({}, ...this.#layers.map((layer) => layer.keys())) as Keys;
    }

    /** True when the key was one of ours. */
    press(event: KeyboardEvent): boolean {
        if (isTyping(event.target) || event.repeat || event.ctrlKey || event.metaKey || event.altKey) {
            return false;
        }
        if (event.key === '?') {
            this.sheet = !this.sheet;
            return true;
        }
        const key = this.on && !this.sheet && !isEntering(event.target) ? this.all[event.key] : undefined;
        key?.press();
        return key !== undefined;
    }
}

export const keys = new KeyBoard();
