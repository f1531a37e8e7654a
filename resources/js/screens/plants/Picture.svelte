<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { Sending } from '../../lib/sending.svelte';
    import { onDay } from '../../lib/time';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { small } from '../../lib/small';

    interface Props {
        plant: Schemas['Plant'];
        pictureAt: string | null;
        onchange: () => void;
    }
    const { plant, pictureAt, onchange }: Props = $props();
    const sending = new Sending();

    async function keep(file: File | null): Promise<void> {
        const kept = await sending.send(async () => {
            const picture = file === null ? '' : await small(file);
            return taken(api.PUT('/api/plants/{id}/picture', { params: { path: { id: plant.key } }, body: { picture } }));
        });
        if (kept !== null) {
            onchange();
        } else if (sending.fault === null) {
            sending.fault = new Fault('', say('plants/picture.picture-was-not-kept'));
        }
    }
</script>

<section aria-label={say('plants/picture.its-picture')} class="no-print">
    {#if pictureAt !== null}
        <img
            class="max-h-80 w-full rounded object-cover"
            src={`/api/plants/${plant.id}/picture?at=${encodeURIComponent(pictureAt)}`}
            alt={`${plant.name}, ${onDay(pictureAt)}`}
        />
    {/if}
    <div class="flex flex-wrap gap-2">
        <label class="btn mt-2"
            >{pictureAt === null ? 'Add a picture' : say('plants/picture.another-picture')}<input
                type="file"
                accept="image/*"
                class="sr-only"
                onchange={(event) => {
                    const file = event.currentTarget.files?.[0];
                    if (file !== undefined) void keep(file);
                }}
            /></label
        >
        {#if pictureAt !== null}<button class="btn mt-2" disabled={sending.held} onclick={() => void keep(null)}
                >{say('plants/picture.take-away')}</button
            >{/if}
    </div>
    <FormFoot form={sending} send={() => undefined} />
</section>
