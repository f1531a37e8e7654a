<script lang="ts">
    import type { Schemas } from '../lib/client';

    const { verdict }: { verdict: Pick<Schemas['Verdict'], 'standing' | 'source'> } = $props();
    const marks = { published: 'P', 'common-practice': 'C', ours: 'O' } as const;
    const words = {
        published: say('parts/standing.published-limit'),
        'common-practice': say('parts/standing.common-practice-no-published-source'),
        ours: say('parts/standing.our-own-limit'),
    } as const;
    let open = $state(false);
    const standing = $derived(verdict.standing);
</script>

{#if standing !== null && standing !== undefined}
    <button
        type="button"
        class="-my-2.5 inline-grid size-11 place-items-center align-middle"
        aria-expanded={open}
        aria-label={say('parts/standing.where-this-limit-comes-from', { words: words[standing] })}
        onclick={() => (open = !open)}
        ><span aria-hidden="true" class="grid size-6 place-items-center rounded-full border-2 border-current text-sm font-bold"
            >{marks[standing]}</span
        ></button
    >{#if open}<span class="text-sm">
            {words[standing]}{verdict.standing === 'published' && verdict.source !== '' ? `: ${verdict.source}` : ''}.
        </span>{/if}
{/if}
