<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';

    const { sprayer, onsaid }: { sprayer: Schemas['Sprayer']; onsaid: () => void } = $props();
    const sending = new Sending();
    type Kind = 'washed' | 'emptied' | 'weed-killer';
    const kinds: { kind: Kind; words: string; said: string }[] = [
        { kind: 'washed', words: say('sprayer/remembers.empty-and-washed'), said: say('sprayer/remembers.wash-of') },
        { kind: 'emptied', words: say('sprayer/remembers.empty'), said: say('sprayer/remembers.emptying-of') },
        { kind: 'weed-killer', words: say('sprayer/remembers.weed-killer-was-in'), said: say('sprayer/remembers.weed-killer-in') },
    ];
    let last = $state<Kind>('washed');

    async function wrote(kind: Kind): Promise<void> {
        last = kind;
        const said = await sending.send((submission) =>
            taken(api.POST('/api/sprayers/{id}/events', { params: { path: { id: sprayer.key } }, body: { submission, kind } })),
        );
        if (said !== null) {
            undo.made('sprayer-events', said.saved, `${kinds.find((one) => one.kind === kind)?.said ?? ''} ${sprayer.name}`);
            onsaid();
        }
    }
</script>

<section class="dish no-print grid gap-3" aria-label={say('sprayer/remembers.what-remembers')}>
    <h2>{say('sprayer/remembers.what-was-in')}</h2>
    <p class="flex items-start gap-2" data-memory={sprayer.memory?.code ?? ''}>
        {#if sprayer.memory === null}<LevelMark level="ok" silent />
            {sprayer.held === ''
                ? say('sprayer/remembers.nothing-that-this-notebook-knows')
                : say('sprayer/remembers.washed-out-since', { held: sprayer.held })}{:else}<LevelMark
                level={sprayer.memory.final ? 'stop' : 'caution'}
                silent
            />
            <span>{sprayer.memory.words}</span>{/if}
    </p>
    <div class="flex flex-wrap gap-2">
        {#each kinds as one (one.kind)}<button class="btn" disabled={sending.held} onclick={() => void wrote(one.kind)}>{one.words}</button
            >{/each}
    </div>
    <FormFoot form={sending} send={() => void wrote(last)} />
</section>
