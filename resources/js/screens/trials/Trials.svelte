<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { onDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { navigate } from '../../routes';
    import NewTrial from './NewTrial.svelte';

    const trials = new Loaded(async () => (await taken(api.GET('/api/trials'))).trials);
    undo.followedBy(trials);
    const asked = new URLSearchParams(location.search).has('one');
</script>

<Head title={say('trials/trials.trials')} />
<p class="mb-3 max-w-prose">{say('trials/trials.two-sprays-side-by-side')}</p>
<Waiting of={trials}>
    {#snippet children(all)}
        <ul class="mb-5 grid gap-2">
            {#each all as trial (trial.id)}
                <li class="dish">
                    <a class="link text-lg font-bold" href={`/trials/${trial.id}`}>{trial.name}</a>
                    <span class="quiet"
                        >{say('trials/trials.since', {
                            pestName: trial.pestName,
                            begunAt: onDay(trial.begunAt),
                            endedAt: trial.endedAt === null ? '' : ', ended',
                        })}</span
                    >
                    <p>{trial.result}</p>
                </li>
            {/each}
        </ul>
        <details open={asked || all.length === 0}>
            <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('trials/trials.new-trial')}</summary>
            <NewTrial onsaved={(made) => void navigate('/trials/:id', { params: { id: String(made.id) } })} />
        </details>
    {/snippet}
</Waiting>
