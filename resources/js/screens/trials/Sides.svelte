<script lang="ts">
    import { bottlePlace } from '../../lib/bottle';
    import type { Schemas } from '../../lib/client';
    import BoughtForAll from '../courses/BoughtForAll.svelte';
    import { benchOf, nextSide } from './sides';

    interface Props {
        trial: Schemas['Trial'];
        /** Whether who counts is not told which is which. */
        hidden: boolean;
        onsaved: () => void;
    }
    /** What each side is sprayed with, how far that is, and what comes next with it; one of them comes first. */
    const { trial, hidden, onsaved }: Props = $props();
    const first = $derived(nextSide(trial));
</script>

<ul class="grid gap-4 sm:grid-cols-2" data-sides>
    {#each trial.sides as side (side.letter)}
        {@const act = side.letter === first ? 'act' : 'aside-act'}
        <li class="grid content-start gap-2" data-side={side.letter}>
            <p class="font-bold">
                {hidden ? side.letter : say('trials/sides.letter-name', { letter: side.letter, name: side.name })}
            </p>
            {#if side.alone}
                <p>{say('trials/sides.left-alone')}</p>
            {:else if side.left === 0}
                <p>{say('trials/sides.sprayed')}</p>
            {:else if hidden}
                <p>{say('trials/sides.waits', { left: side.left, plants: side.plants })}</p>
            {:else}
                <p>
                    {side.left < side.plants
                        ? say('trials/sides.waits', { left: side.left, plants: side.plants })
                        : (side.bottle?.words ?? '')}
                </p>
                {#if side.bottle !== null && side.batchId !== null}
                    <a class="{act} justify-self-start" href={bottlePlace(side.bottle, side.batchId, null)}>{side.bottle.actWords}</a>
                {:else if side.recipe !== null}
                    <a class="{act} justify-self-start" href={benchOf(side)}>{say('trials/sides.mix', { letter: side.letter })}</a>
                {:else}
                    <details>
                        <summary class="link min-h-11 cursor-pointer py-2">{say('trials/sides.bought', { letter: side.letter })}</summary>
                        <BoughtForAll course={side.course.key} name={side.name} {onsaved} />
                    </details>
                {/if}
            {/if}
        </li>
    {/each}
</ul>
