<script lang="ts">
    import type { Schemas } from '../lib/client';
    import LevelMark from './LevelMark.svelte';
    import Standing from './Standing.svelte';
    import Told from './Told.svelte';

    const { verdicts }: { verdicts: Schemas['Verdict'][] } = $props();
    const rank = { stop: 0, caution: 1, ok: 2 };
    const sorted = $derived([...verdicts].sort((a, b) => rank[a.level] - rank[b.level]));
</script>

<ul class="grid gap-3">
    {#each sorted as verdict, i (i)}
        <li
            class={['border-l-8 pl-3', { ok: 'border-success', caution: 'border-warning', stop: 'border-error' }[verdict.level]]}
            data-level={verdict.level}
        >
            <LevelMark level={verdict.level} />
            <p><Told text={verdict.because} /> <Standing {verdict} /></p>
        </li>
    {/each}
</ul>
