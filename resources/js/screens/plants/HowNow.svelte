<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    /** How a plant is today, by one tap: what may go on it hangs on that. */
    const { plant, onchange }: { plant: Schemas['Plant']; onchange: () => void } = $props();
    const sending = new Sending();
    type Said = Pick<Schemas['PlantNow'], 'dry' | 'stage'>;
    let last: Said = {};
    const stages = [
        { value: 'bare', label: say('plants/how-now.bare') },
        { value: 'budding', label: say('plants/how-now.budding') },
        { value: 'in-leaf', label: say('plants/how-now.in-leaf') },
        { value: 'in-bloom', label: say('plants/how-now.in-bloom') },
        { value: 'seedling', label: say('plants/how-now.seedling') },
    ] as const;

    async function tell(said: Said): Promise<void> {
        last = said;
        const saved = await sending.send((_, basedOn) =>
            taken(
                api.PUT('/api/plants/{id}/now', {
                    params: { path: { id: plant.key } },
                    body: { basedOn: basedOn(plant.version), ...said },
                }),
            ),
        );
        if (saved !== null) {
            undo.changed('plants', saved, plant.name, say('plants/how-now.said', { name: plant.name }));
            onchange();
        }
    }
</script>

<section class="dish" aria-label={say('plants/how-now.how-is-now')} data-how-now>
    <h2>{say('plants/how-now.how-is-now')}</h2>
    <div class="mt-2 flex flex-wrap gap-2">
        {#each stages as one (one.value)}<button
                class={['btn', plant.stageNow === one.value && 'btn-primary']}
                aria-pressed={plant.stageNow === one.value}
                disabled={sending.held}
                onclick={() => void tell({ stage: one.value })}>{one.label}</button
            >{/each}
        <button
            class={['btn', plant.dry && 'btn-primary']}
            aria-pressed={plant.dry}
            disabled={sending.held}
            onclick={() => void tell({ dry: !plant.dry })}>{say('plants/how-now.dry')}</button
        >
    </div>
    <FormFoot form={sending} send={() => void tell(last)} />
</section>
