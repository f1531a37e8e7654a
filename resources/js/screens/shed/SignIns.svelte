<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime } from '../../lib/time';
    import Waiting from '../../parts/Waiting.svelte';

    let signIns = $state.raw<Loaded<Awaited<ReturnType<typeof fetched>>> | null>(null);

    async function fetched() {
        return (await taken(api.GET('/api/sign-ins'))).signIns;
    }
</script>

<details
    class="w-full"
    ontoggle={(event) => {
        if (event.currentTarget.open) {
            signIns = new Loaded(fetched);
        }
    }}
>
    <summary class="link min-h-11 cursor-pointer py-2">{say('shed/sign-ins.who-came-in-from-other')}</summary>
    {#if signIns !== null}
        <Waiting of={signIns}>
            {#snippet children(all)}
                {#if all.length === 0}
                    <p>{say('shed/sign-ins.nobody-yet')}</p>
                {:else}
                    <ol class="grid gap-1" data-sign-ins>
                        {#each all as one, i (i)}
                            <li>
                                {atTime(one.at)}: {one.what === 'in'
                                    ? say('shed/sign-ins.came-in')
                                    : say('shed/sign-ins.tried-another-passphrase')}
                                <span class="quiet">{say('shed/sign-ins.from', { from: one.from })}</span>
                            </li>
                        {/each}
                    </ol>
                    <p class="quiet mt-2">
                        {say('shed/sign-ins.somebody-you-do-not-know')}
                    </p>
                {/if}
            {/snippet}
        </Waiting>
    {/if}
</details>
