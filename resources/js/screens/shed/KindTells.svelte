<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';

    interface Known {
        kind: string;
        tolerance: string;
        bearsNoOil: boolean;
        soapSensitive: boolean;
    }
    /** What handbooks say of the kind that is typed: proposed, and taken over by a tap. */
    let { of: form = $bindable() }: { of: Known } = $props();
    type Kind = Schemas['Kind'];
    let found = $state.raw<Kind | null>(null);
    const WAIT = 400;

    $effect(() => {
        const said = form.kind.trim();
        const timer = setTimeout(() => {
            if (said === '') {
                found = null;
                return;
            }
            void taken(api.GET('/api/kinds', { params: { query: { said } } })).then(
                ({ kind }) => (found = kind),
                () => (found = null),
            );
        }, WAIT);
        return () => clearTimeout(timer);
    });

    const differs = $derived(
        found !== null &&
            (found.tolerance !== form.tolerance || (found.bearsNoOil && !form.bearsNoOil) || (found.soapSensitive && !form.soapSensitive)),
    );

    function take(kind: Kind): void {
        form.tolerance = kind.tolerance;
        form.bearsNoOil = form.bearsNoOil || kind.bearsNoOil;
        form.soapSensitive = form.soapSensitive || kind.soapSensitive;
    }
</script>

{#if found !== null}
    {@const kind = found}
    <div class="border-info grid gap-2 border-l-8 pl-3" data-kind-tells aria-live="polite">
        <p>{kind.words}</p>
        {#if differs}<button type="button" class="btn justify-self-start" onclick={() => take(kind)}
                >{say('shed/kind-tells.take-over')}</button
            >{/if}
    </div>
{/if}
