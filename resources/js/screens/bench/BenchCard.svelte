<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime } from '../../lib/time';
    import { kitchenly } from '../../parts/heights';
    import Sprayer from '../../parts/Sprayer.svelte';
    import Verdicts from '../../parts/Verdicts.svelte';
    import Spoons from './Spoons.svelte';

    interface Props {
        name: string;
        plan: Schemas['Plan'];
        plant: string;
        sprayer: Schemas['Sprayer'] | undefined;
        unit: { words: string; mL: number };
    }
    const { name, plan, plant, sprayer, unit }: Props = $props();
    const now = atTime(new Date().toISOString());
    const level = $derived((plan.loads[0]?.finished_mL ?? 0) / unit.mL);
</script>

<!-- For paper only: on the screen everything stands where it is worked with. -->
<div class="hidden print:block" data-card>
    <h2 class="text-2xl">{name}{plant === '' ? '' : say('bench/bench-card.for', { plant })}</h2>
    <p class="mb-2">{say('bench/bench-card.bench-card-mixed-by-at', { now })}</p>
    <Verdicts verdicts={plan.verdicts.filter((one) => one.level !== 'ok')} />
    <div class="my-2 grid grid-cols-[6rem_1fr] items-end gap-4">
        {#if sprayer !== undefined}<div class="h-36">
                <Sprayer
                    shape={sprayer.shape}
                    capacity={sprayer.mL / unit.mL}
                    {level}
                    unitWords={unit.words}
                    unitMl={unit.mL}
                    pours={sprayer.pours}
                    bare
                />
            </div>{:else}<p>{kitchenly(level)} {unit.words}</p>{/if}
        <div>
            <p>
                {say('bench/bench-card.in', {
                    make: plan.spoken.make,
                    loads: plan.spoken.loads,
                    strength: plan.spoken.strength.join(', '),
                })}
            </p>
            <Spoons {plan} all />
        </div>
    </div>
    <h2 class="text-base">{say('bench/bench-card.steps')}</h2>
    <ol class="list-decimal pl-9 text-sm">
        {#each plan.steps as step, i (i)}<li>{step}</li>{/each}
    </ol>
    <h2 class="mt-2 text-base">{say('bench/bench-card.cautions')}</h2>
    <ul class="list-disc pl-6 text-sm">
        {#each plan.cautions as caution (caution.code)}<li>{caution.text}</li>{/each}
    </ul>
</div>
