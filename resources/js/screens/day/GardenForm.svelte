<script lang="ts">
    import { writes } from '../../lib/writes';
    import { celsiusOf, degreesOf } from '../../lib/weather';
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { zone } from '../../lib/time';
    import FormFoot from '../../parts/FormFoot.svelte';

    interface Props {
        garden: Schemas['Garden'] | null;
        onkept: () => void;
    }
    const { garden, onkept }: Props = $props();
    const was = untrack(() => garden);
    const form = new Form(`garden-${was?.version ?? 0}`, {
        latitude: was === null ? '' : String(was.latitude),
        longitude: was === null ? '' : String(was.longitude),
        zone: was?.zone ?? zone(),
        room: writes.number(String(degreesOf(was?.roomCelsius ?? 21))),
        source: (was?.source ?? 'station') as string,
    });

    /** With a comma or a point; below nothing, too. */
    const plain = (text: string): number => Number(text.trim().replace(',', '.'));

    async function keep(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { latitude, longitude, zone: name, room, source } = form.values;
        const kept = await form.send((_, basedOn) =>
            taken(
                api.PUT('/api/garden', {
                    body: {
                        basedOn: basedOn(was?.version ?? 0),
                        place: { latitude: plain(latitude), longitude: plain(longitude), zone: name },
                        roomCelsius: celsiusOf(plain(room)),
                        source: source === 'file' ? 'file' : 'station',
                    },
                }),
            ),
        );
        if (kept !== null) {
            form.clear();
            onkept();
        }
    }
</script>

{#snippet figure(key: 'latitude' | 'longitude' | 'room', name: string, hint: string)}
    <label class="grid gap-1"
        ><span><span class="font-bold">{name}</span> <span class="quiet">{hint}</span></span><input
            name={key}
            class="input numeral w-full"
            inputmode="decimal"
            required
            bind:value={form.values[key]}
        /></label
    >
{/snippet}

<form class="grid max-w-xl gap-3" onsubmit={keep}>
    <div class="grid gap-3 sm:grid-cols-2">
        {@render figure('latitude', say('day/garden-form.latitude-degrees'), say('day/garden-form.south-below-0'))}
        {@render figure('longitude', say('day/garden-form.longitude-degrees'), say('day/garden-form.west-below-0'))}
        <label class="grid gap-1"
            ><span class="font-bold">{say('day/garden-form.time-zone')}</span><input
                name="zone"
                class="input w-full"
                required
                bind:value={form.values.zone}
            /></label
        >
        {@render figure('room', say('day/garden-form.indoors', { degrees: writes.degrees }), '')}
    </div>
    <fieldset class="grid gap-1">
        <legend class="font-bold">{say('day/garden-form.weather-from')}</legend>
        <label class="flex min-h-11 items-center gap-3"
            ><input name="source" type="radio" class="radio radio-primary" value="station" bind:group={form.values.source} />
            {say('day/garden-form.simulated-station')}</label
        >
        <label class="flex min-h-11 items-center gap-3"
            ><input name="source" type="radio" class="radio radio-primary" value="file" bind:group={form.values.source} />
            {say('day/garden-form.file-of-hours', {
                name: was?.file ? `: ${was.file.name}` : say('day/garden-form.bring-one-first'),
            })}</label
        >
    </fieldset>
    <FormFoot {form} send={() => void keep()} />
    <button class="btn btn-primary" disabled={form.held}>{say('day/garden-form.keep-place')}</button>
</form>
