<script lang="ts">
    import { eveningBefore, forField, hoursAgo } from '../lib/time';

    /** Empty is now; otherwise as a field of the kind `datetime-local` has it. */
    let { label, value = $bindable() }: { label: string; value: string } = $props();
    const names = [
        { words: say('parts/when.1-hour-ago'), at: () => hoursAgo(1) },
        { words: say('parts/when.yesterday-evening'), at: () => eveningBefore(1) },
        { words: say('parts/when.two-days-ago'), at: () => eveningBefore(2) },
    ];
</script>

{#if value === ''}
    <div class="flex flex-wrap items-center gap-2">
        <span class="font-bold">{say('parts/when.now', { label })}</span>
        <details class="contents">
            <summary class="link min-h-11 cursor-pointer list-none py-2">{say('parts/when.earlier')}</summary>
            <span class="flex flex-wrap gap-2">
                {#each names as one (one.words)}<button type="button" class="btn" onclick={() => (value = forField(one.at()))}
                        >{one.words}</button
                    >{/each}
            </span>
        </details>
    </div>
{:else}
    <div class="flex flex-wrap items-end gap-2">
        <label class="grid flex-1 gap-1"
            ><span class="font-bold">{label}</span><input
                type="datetime-local"
                class="input w-full"
                required
                max={forField(new Date())}
                bind:value
            /></label
        >
        <button type="button" class="btn" onclick={() => (value = '')}>{say('parts/when.now-2')}</button>
    </div>
{/if}
