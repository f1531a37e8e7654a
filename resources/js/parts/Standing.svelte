<script lang="ts">
    import type { Schemas } from '../lib/client';

    const { verdict }: { verdict: Pick<Schemas['Verdict'], 'standing' | 'source'> } = $props();
    const words = {
        published: say('parts/standing.published-limit'),
        'common-practice': say('parts/standing.common-practice-no-published-source'),
        ours: say('parts/standing.our-own-limit'),
    } as const;
    const brief = {
        published: say('parts/standing.published'),
        'common-practice': say('parts/standing.practice'),
        ours: say('parts/standing.ours'),
    } as const;
    let open = $state(false);
    const standing = $derived(verdict.standing);
</script>

{#if standing !== null && standing !== undefined}
    <button
        type="button"
        class="link -my-2.5 inline-flex min-h-11 items-center text-sm"
        aria-expanded={open}
        aria-label={say('parts/standing.where-this-limit-comes-from', { words: words[standing] })}
        onclick={() => (open = !open)}>{brief[standing]}</button
    >{#if open}<span class="text-sm">
            {words[standing]}{verdict.standing === 'published' && verdict.source !== '' ? `: ${verdict.source}` : ''}.
        </span>{/if}
{/if}
