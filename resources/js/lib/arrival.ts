/** Puts the focus on the heading of a screen that was moved to; the page that was opened first keeps it where the browser has it. */
export class Arrival {
    #first = true;

    at(heading: HTMLElement | undefined): void {
        if (this.#first) {
            this.#first = false;
            return;
        }
        heading?.focus({ preventScroll: true });
    }
}

export const arrival = new Arrival();
