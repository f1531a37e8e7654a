<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { hoursAgo, onDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Standing from '../../parts/Standing.svelte';
    import { navigate } from '../../routes';
    import type { Choosing } from './choosing.svelte';

    const { choosing, choice }: { choosing: Choosing; choice: Schemas['Choice'] } = $props();
    const waiting = new Sending();
    const whether = $derived(choice.whether);
    const level = $derived(({ spray: 'caution', 'not-yet': 'wait', 'water-first': 'wait', 'no-spray': 'stop' } as const)[whether.answer]);

    async function wait(): Promise<void> {
        const days = whether.lookInDays;
        if (days === null) {
            return;
        }
        const { why } = whether;
        const { id, key } = choosing.of;
        const seen = $state.snapshot(choosing.situation.seen);
        const saved = await waiting.send((submission) =>
            taken(api.POST('/api/cases/{id}/waits', { params: { path: { id: key } }, body: { submission, days, because: why, seen } })),
        );
        if (saved !== null) {
            if (saved.saved !== null) {
                undo.made('waits', saved.saved, say('choose/whether.waiting'));
            }
            void navigate('/cases/:id', { params: { id: String(id) } });
        }
    }
</script>

<section class="dish grid gap-2" aria-label={say('choose/whether.whether-to-spray')} data-whether={whether.answer}>
    <p class="flex items-start gap-2 text-xl font-bold">
        {#if whether.answer !== 'spray'}<LevelMark {level} silent />{/if}<span>{whether.words}</span>
    </p>
    {#if whether.waited !== ''}<p data-waited>{whether.waited}</p>{/if}
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
        {#if whether.lookInDays !== null}<button class="act" disabled={waiting.held} onclick={() => void wait()}
                >{say('choose/whether.look-again', { on: onDay(hoursAgo(-24 * whether.lookInDays).toISOString()) })}</button
            >{/if}
        <Standing verdict={whether} />
    </div>
    <FormFoot form={waiting} send={() => void wait()} />
</section>
