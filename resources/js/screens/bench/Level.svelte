<script lang="ts">
    import Minus from '@lucide/svelte/icons/minus';
    import Plus from '@lucide/svelte/icons/plus';
    import { kitchenly } from '../../parts/heights';
    import Sprayer from '../../parts/Sprayer.svelte';
    import type { BenchState } from './bench.svelte';

    const { state: bench }: { state: BenchState } = $props();
    const level = $derived(Math.min(bench.filling.make || 0, bench.filling.capacity));
    const step = $derived(bench.filling.capacity / 16);

    function by(steps: number): void {
        const next = Math.round(level / step + steps) * step;
        bench.filling.fillTo(Math.max(step, Math.min(bench.filling.capacity, next)));
    }
</script>

<section
    aria-label={say('bench/level.sprayer')}
    class="flex min-h-0 flex-col items-center justify-end gap-2 sm:self-stretch"
    data-part="sprayer"
>
    <div class="relative h-[10rem] w-full sm:h-auto sm:max-h-[36rem] sm:min-h-[19rem] sm:flex-1">
        <div class="absolute inset-0 grid justify-items-center">
            <Sprayer
                shape={bench.filling.sprayer?.shape ?? 'jar'}
                capacity={bench.filling.capacity}
                {level}
                unitWords={bench.filling.unitWords}
                unitMl={bench.filling.unitMl}
                pours={bench.filling.sprayer?.pours ?? []}
                onlevel={(to) => bench.filling.fillTo(to)}
                bare
            />
        </div>
    </div>
    <p class="hidden text-center sm:block">
        {say('bench/level.of', {
            level: kitchenly(level),
            capacity: kitchenly(bench.filling.capacity),
            unitWords: bench.filling.unitWords,
        })}
    </p>
    <div class="flex">
        <button class="btn btn-square" aria-label={say('bench/level.less')} onclick={() => by(-1)}
            ><Minus size={20} aria-hidden="true" /></button
        >
        <button class="btn btn-square" aria-label={say('bench/level.more')} onclick={() => by(1)}
            ><Plus size={20} aria-hidden="true" /></button
        >
    </div>
</section>
