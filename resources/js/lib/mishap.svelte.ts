/** A fault of the script itself, which no answer of the server tells of: whoever looks at the screen is told, with a way on. */
class Mishap {
    happened = $state(false);

    readonly tell = (): void => {
        this.happened = true;
    };

    readonly forget = (): void => {
        this.happened = false;
    };

    /** What no screen caught: a handler that failed, a part that did not come. A warning of the browser brings no error with it. */
    listen(to: Window): void {
        to.addEventListener('error', (event) => {
            if (event.error !== null && event.error !== undefined) {
                this.tell();
            }
        });
        to.addEventListener('unhandledrejection', this.tell);
    }
}

export const mishap = new Mishap();
