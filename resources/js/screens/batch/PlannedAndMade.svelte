<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { millilitres } from '../../lib/figures';

    type Batch = Schemas['Batch'];
    const { plan, actual }: { plan: Batch['plan']; actual: NonNullable<Batch['actual']> } = $props();
</script>

<table class="table">
    <caption class="sr-only">{say('batch/made-batch.amounts-planned-and-as-measured')}</caption>
    <thead
        ><tr
            ><th scope="col">{say('batch/made-batch.ingredient')}</th><th scope="col">{say('batch/made-batch.planned-2')}</th><th
                scope="col">{say('batch/made-batch.as-measured')}</th
            ></tr
        ></thead
    >
    <tbody>
        {#each plan.lines as line, i (i)}
            <tr
                ><th scope="row" class="font-normal">{line.name}</th><td class="numeral">{millilitres(line.mL)}</td><td class="numeral"
                    >{millilitres(
                        actual.lines.filter((one) => one.ingredient === line.ingredient).reduce((all, one) => all + one.mL, 0),
                    )}</td
                ></tr
            >
        {/each}
        <tr
            ><th scope="row" class="font-normal">{say('batch/made-batch.water-2')}</th><td class="numeral">{millilitres(plan.water_mL)}</td
            ><td class="numeral">{millilitres(actual.water_mL)}</td></tr
        >
    </tbody>
</table>
