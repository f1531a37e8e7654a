<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import DrawnLeaf from './DrawnLeaf.svelte';
    import { nearestPlate } from './plates';
    import type { SeenState } from './seen.svelte';

    interface Props {
        leaves: Schemas['LeafTest']['leafList'];
        states: SeenState[];
        drawings: Schemas['DrawnLeaf'][];
        /** Which of them is looked at. */
        at: number;
    }
    /** All leaves of a test, small, as they were said so far. */
    let { leaves, states, drawings, at = $bindable() }: Props = $props();
</script>

<div class="flex max-w-md flex-wrap gap-1" role="group" aria-label={say('leaf/leaf-strip.leaves')}>
    {#each leaves as leaf, n (leaf.number)}
        {@const said = states[n]?.said === true}
        {@const drawn = drawings[nearestPlate(drawings, states[n]?.share ?? 0)]}
        <button
            type="button"
            class={[
                'grid min-h-11 min-w-12 flex-1 justify-items-center rounded border-2 p-1',
                n === at ? 'border-primary' : 'border-base-300',
            ]}
            aria-pressed={n === at}
            aria-label={say('leaf/leaf-strip.leaf-number', { number: leaf.number, said: said ? '' : say('leaf/leaf-strip.not-said') })}
            onclick={() => (at = n)}
            ><span class="size-9" style:opacity={said ? 1 : 0.35}
                >{#if drawn !== undefined}<DrawnLeaf leaf={drawn} />{/if}</span
            ><span class="text-sm">{leaf.number}{said ? '' : '?'}</span></button
        >
    {/each}
</div>
