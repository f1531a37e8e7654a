<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import History from '../../parts/History.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';

    const { plant, onchange }: { plant: Schemas['Plant']; onchange: () => void } = $props();
    const sending = new Sending();

    async function retire(): Promise<void> {
        const saved = await sending.send((_, basedOn) =>
            taken(
                api.PUT('/api/plants/{id}/retired', {
                    params: { path: { id: plant.key } },
                    body: { basedOn: basedOn(plant.version), retired: !plant.retired },
                }),
            ),
        );
        if (saved !== null) {
            undo.changed(
                'plants',
                saved,
                plant.name,
                say('plants/put-away.is', {
                    name: plant.name,
                    retired: plant.retired ? say('plants/put-away.taken-out-again') : say('plants/put-away.put-away'),
                }),
            );
            onchange();
        }
    }
</script>

<FormFoot form={sending} send={() => void retire()} />
<div class="mt-3 flex flex-wrap gap-2">
    <button class="btn" disabled={sending.held} onclick={() => void retire()}
        >{plant.retired ? say('plants/put-away.take-out-again') : say('plants/put-away.put-away-2')}</button
    >
    <TakeBack kind="plants" of={plant} what={plant.name} leave="/plants" />
</div>
<History kind="plants" id={plant.id} />
