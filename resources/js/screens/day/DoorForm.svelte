<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    const { ontold }: { ontold: () => void } = $props();
    const form = new Form('door', { text: '' });

    async function tell(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const kept = await form.send((submission) =>
            taken(api.POST('/api/weather/door', { body: { submission, text: form.values.text } })),
        );
        if (kept !== null) {
            form.clear();
            ontold();
        }
    }
</script>

<form class="grid max-w-xl gap-2" onsubmit={tell}>
    <label class="grid gap-1"
        ><span
            ><span class="font-bold">{say('day/door-form.what-like-at-door')}</span>
            <span class="quiet">{say('day/door-form.like-24-c-breeze-dry')}</span></span
        ><input name="text" class="input w-full" maxlength="200" required bind:value={form.values.text} /></label
    >
    <FormFoot {form} send={() => void tell()} />
    <button class="btn" disabled={form.held}>{say('day/door-form.go-by-that-for-two')}</button>
</form>
