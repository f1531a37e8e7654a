<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime } from '../../lib/time';
    import Verdicts from '../../parts/Verdicts.svelte';
    import Spoons from './Spoons.svelte';

    interface Props {
        name: string;
        plan: Schemas['Plan'];
        plant: string;
    }
    const { name, plan, plant }: Props = $props();
    const now = atTime(new Date().toISOString());
</script>

<!-- For paper only: on the screen everything stands where it is worked with. -->
<div class="hidden print:block" data-card>
    <h2 class="text-2xl">{name}{plant === '' ? '' : `, for ${plant}`}</h2>
    <p class="mb-3">Bench card, {now}. Mixed by: ______________ at: ______________</p>
    <Spoons {plan} />
    <h2 class="mt-4">Steps</h2>
    <ol class="list-decimal space-y-1 pl-6">
        {#each plan.steps as step, i (i)}<li>{step}</li>{/each}
    </ol>
    <h2 class="mt-4">Verdicts</h2>
    <Verdicts verdicts={plan.verdicts} />
    <h2 class="mt-4">Cautions</h2>
    <ul class="list-disc pl-6">
        {#each plan.cautions as caution (caution.code)}<li>{caution.text}</li>{/each}
    </ul>
</div>
