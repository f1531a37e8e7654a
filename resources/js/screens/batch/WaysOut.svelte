<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import Verdicts from '../../parts/Verdicts.svelte';

    interface Props {
        ways: Schemas['WayOut'];
        busy: boolean;
        onkeep: (kind: Schemas['WayOut']['remedies'][number]['kind']) => void;
    }
    const { ways, busy, onkeep }: Props = $props();
    const ends = $derived(
        ways.sure
            ? [{ name: say('batch/ways-out.what-in'), end: ways.strongest }]
            : [
                  { name: say('batch/ways-out.at-weakest'), end: ways.weakest },
                  { name: say('batch/ways-out.at-strongest'), end: ways.strongest },
              ],
    );
</script>

<div class="grid gap-4" data-ways>
    {#if ways.note}<p data-note>{ways.note}</p>{/if}
    <h2 class="text-base font-bold">{say('batch/ways-out.what-to-do')}</h2>
    <ol class="grid gap-3">
        {#each ways.remedies as remedy (remedy.kind)}
            <li class="border-base-content border-l-8 pl-3" data-remedy={remedy.kind}>
                <p class="text-lg font-bold">{remedy.title}</p>
                <p>{remedy.text}</p>
                <button class="btn mt-2" disabled={busy} onclick={() => onkeep(remedy.kind)}
                    >{say('batch/ways-out.i-did-this-write-down')}</button
                >
            </li>
        {/each}
    </ol>
    {#if ways.standIns.length > 0}
        <h2 class="text-base font-bold">{say('batch/ways-out.what-may-stand-in-for')}</h2>
        <ul class="list-disc pl-6" data-stand-ins>
            {#each ways.standIns as one, i (i)}<li>{one}</li>{/each}
        </ul>
    {/if}
    <p class="quiet">{say('batch/ways-out.planned', { planned: ways.planned.join(', ') })}</p>
    <div class="grid gap-4 sm:grid-cols-2">
        {#each ends as { name, end } (name)}
            <section aria-label={name} class={ways.sure ? 'sm:col-span-2' : ''}>
                <h2 class="text-base font-bold">{name}</h2>
                <p class="text-lg">
                    {end.strength.join(', ') || say('batch/ways-out.water-only')}
                    <span class="quiet text-base">{say('batch/ways-out.in', { volume: end.volume })}</span>
                </p>
                <Verdicts verdicts={end.verdicts} />
            </section>
        {/each}
    </div>
</div>
