<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    const { pest }: { pest: string } = $props();
    type Next = Required<Pick<Schemas['NewTrial'], 'one' | 'other' | 'units'>> & { words: string };
    let asked = $state<Loaded<{ next: Next | null }>>();

    function ask(): void {
        asked = new Loaded(() => taken(api.GET('/api/worked/{pest}/next', { params: { path: { pest } } })));
    }
</script>

{#if asked === undefined}
    <button class="btn" onclick={ask}>{say('worked/next-trial.what-to-try-next')}</button>
{:else}
    <Waiting of={asked}>
        {#snippet children(answer)}
            {#if answer.next === null}<p>{say('worked/next-trial.nothing-to-compare-yet')}</p>{:else}
                <p class="max-w-prose" data-next>{answer.next.words}</p>
                <a
                    class="btn mt-1"
                    href={`/trials?${new URLSearchParams({ pest, one: answer.next.one, other: answer.next.other, units: String(answer.next.units) })}`}
                    >{say('worked/next-trial.begin-that-trial')}</a
                >
            {/if}
        {/snippet}
    </Waiting>
{/if}
