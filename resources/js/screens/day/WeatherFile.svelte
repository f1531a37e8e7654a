<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    const { onread }: { onread: () => void } = $props();
    const sending = new Sending();
    let file = $state.raw<File | null>(null);

    async function bring(): Promise<void> {
        const chosen = file;
        if (chosen === null) {
            return;
        }
        const content = await chosen.text();
        const kept = await sending.send((submission) =>
            taken(api.POST('/api/weather/files', { body: { submission, name: chosen.name, content } })),
        );
        if (kept !== null) {
            onread();
        }
    }
</script>

<label class="grid gap-1">
    <span
        ><span class="font-bold">{say('day/weather-file.file-of-hours')}</span>
        <span class="quiet">{say('day/weather-file.csv-with-at-temperature-c')}</span></span
    >
    <input
        type="file"
        accept=".csv,.json,text/csv,application/json"
        class="input h-auto py-2 file:mr-3 file:font-bold w-full max-w-xl"
        onchange={(event) => {
            file = event.currentTarget.files?.[0] ?? null;
            void bring();
        }}
    />
</label>
<FormFoot form={sending} send={() => void bring()} />
