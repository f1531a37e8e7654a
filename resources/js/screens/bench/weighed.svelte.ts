import { api, taken, type Schemas } from '../../lib/client';
import { Latest } from '../../lib/latest.svelte';

type Proposed = Schemas['Choice']['proposed'][number];

/** What the rules say of each spray for the case that is set. */
export class Weighed {
    readonly #choices = new Latest<Schemas['Choice']>();

    /** Best first; undefined until the rules have answered. */
    get proposed(): Proposed[] | undefined {
        return this.#choices.value?.proposed;
    }

    /** Why a spray is not proposed. */
    against(slug: string): string[] {
        return this.#choices.value?.excluded.find((one) => one.slug === slug)?.reasons ?? [];
    }

    async ask(caseId: number): Promise<void> {
        if (caseId === 0) {
            this.#choices.drop(null);
            return;
        }
        await this.#choices.ask(async () => {
            const { key, situation } = await taken(api.GET('/api/cases/{id}', { params: { path: { id: caseId } } }));
            return taken(api.POST('/api/cases/{id}/choice', { params: { path: { id: key } }, body: situation }));
        });
    }
}
