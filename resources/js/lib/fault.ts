/** What went wrong, in words for the person, and where in what was sent. */
export class Fault extends Error {
    constructor(
        readonly path: string,
        message: string,
        readonly status = 0,
    ) {
        super(message);
    }

    static from(thrown: unknown): Fault {
        return thrown instanceof Fault
            ? thrown
            : new Fault('', 'The machine that serves does not answer. What you entered is still here: try again.');
    }
}
