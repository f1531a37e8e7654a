import { Kept } from './kept';
import { tell } from './teller';

const CHOSEN = new Kept('idle-mixer-theme');

/** Light or dark: as the device has it, until somebody chooses. */
class Theme {
    dark = $state(false);

    constructor() {
        const chosen = CHOSEN.read();
        this.dark = chosen === null ? window.matchMedia('(prefers-color-scheme: dark)').matches : chosen === 'shed';
        this.#show();
    }

    flip(): void {
        this.dark = !this.dark;
        CHOSEN.keep(this.dark ? 'shed' : 'enamel');
        tell('theme', this.dark ? 'shed' : 'enamel');
        this.#show();
    }

    #show(): void {
        document.documentElement.dataset['theme'] = this.dark ? 'shed' : 'enamel';
    }
}

export const theme = new Theme();
