import { api, taken, type Schemas } from '../../lib/client';
import { Latest } from '../../lib/latest.svelte';

/** What is said of plant and place, and the sprays that fit. */
export class Choosing {
    situation = $state<Schemas['KnownSituation']>() as Schemas['KnownSituation'];
    readonly choice = new Latest<Schemas['Choice']>();

    constructor(
        readonly of: Pick<Schemas['Case'], 'id' | 'key'>,
        known: Schemas['KnownSituation'],
    ) {
        this.situation = known;
    }

    ask(situation: Schemas['KnownSituation']): void {
        const body = $state.snapshot(situation);
        void this.choice.ask(() => taken(api.POST('/api/cases/{id}/choice', { params: { path: { id: this.of.key } }, body })));
    }
}
