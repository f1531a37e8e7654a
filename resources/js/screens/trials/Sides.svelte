<script lang="ts">
    import { bottlePlace } from '../../lib/bottle';
    import type { Schemas } from '../../lib/client';
    import { benchOf } from '../courses/chosen';

    interface Props {
        trial: Schemas['Trial'];
        /** Whether who counts is not told which is which. */
        hidden: boolean;
    }
    /** What each side is sprayed with, how far that is, and what comes next with it; one of them comes first. */
    const { trial, hidden }: Props = $props();
</script>

<ul class="grid gap-4 sm:grid-cols-2" data-sides>
    {#each trial.sides as side (side.letter)}
        {@const act = side.first ? 'act' : 'aside-act'}
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
                {#if side.left < side.plants}
                    <p>{say('trials/sides.waits', { left: side.left, plants: side.plants })}</p>
                {:else if side.bottle !== null}
                    <p>{side.bottle.words}</p>
                {/if}
                {#if side.bottle !== null && side.batchId !== null}
                    <a class="{act} justify-self-start" href={bottlePlace(side.bottle, side.batchId, null)}>{side.bottle.actWords}</a>
                {:else if side.recipe !== null}
                    <a class="{act} justify-self-start" href={benchOf(side.course.id, side.recipe, side.plantId)}
                        >{say('trials/sides.mix', { letter: side.letter })}</a
                    >
                {:else}
                    <a class="{act} justify-self-start" href={`/courses/${side.course.id}`}
                        >{say('trials/sides.bought', { letter: side.letter })}</a
                    >
                {/if}
            {/if}
        </li>
    {/each}
</ul>
