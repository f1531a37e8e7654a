<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import HelpButton from '../../parts/HelpButton.svelte';

    const { day, now }: { day: Schemas['GardenDay']; now: string } = $props();
    /** The sentence is there at once; what is drawn comes after it, in room that is kept for it. */
    const drawing = import('./SkyDrawing.svelte');
</script>

<section class="mb-2" aria-label={say('today/garden-band.day')} data-sky>
    <div class="float-right"><HelpButton /></div>
    <p class="text-xl leading-tight"><strong data-spray-when>{day.said}</strong> {day.sky}</p>
    <div class="mt-1" style:height="92px">
        {#await drawing then { default: SkyDrawing }}<SkyDrawing {day} {now} />{/await}
    </div>
</section>
