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
        { kind: 'washed', words: 'It is empty and washed', said: 'The wash of' },
        { kind: 'emptied', words: 'It is empty', said: 'The emptying of' },
        { kind: 'weed-killer', words: 'Weed killer was in it', said: 'The weed killer in' },
    ];
    let last = $state<Kind>('washed');

    async function say(kind: Kind): Promise<void> {
        last = kind;
        const said = await sending.send((submission) =>
            taken(api.POST('/api/sprayers/{id}/events', { params: { path: { id: sprayer.id } }, body: { submission, kind } })),
        );
        if (said !== null) {
            undo.made('sprayer-events', said.saved, `${kinds.find((one) => one.kind === kind)?.said ?? ''} ${sprayer.name}`);
            onsaid();
        }
    }
</script>

<section class="dish no-print grid gap-3" aria-label="What it remembers">
    <h2>What was in it</h2>
    <p class="flex items-start gap-2" data-memory={sprayer.memory?.code ?? ''}>
        {#if sprayer.memory === null}<LevelMark level="ok" silent />
            {sprayer.held === '' ? 'Nothing that this notebook knows of.' : `${sprayer.held}, washed out since.`}{:else}<LevelMark
                level={sprayer.memory.final ? 'stop' : 'caution'}
                silent
            />
            <span>{sprayer.memory.words}</span>{/if}
    </p>
    <div class="flex flex-wrap gap-2">
        {#each kinds as one (one.kind)}<button class="btn" disabled={sending.held} onclick={() => void say(one.kind)}>{one.words}</button
            >{/each}
    </div>
    <FormFoot form={sending} send={() => void say(last)} />
</section>
