<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import DoorForm from './DoorForm.svelte';
    import FreeDays from './FreeDays.svelte';
    import GardenForm from './GardenForm.svelte';
    import HourGrid from './HourGrid.svelte';
    import PlantHours from './PlantHours.svelte';
    import WeatherFile from './WeatherFile.svelte';
    import { clock, soonest, untilDark } from './spans';

    const asked = new URLSearchParams(location.search).get('spray');
    let spray = $state(asked ?? undefined);
    let plant = $state<number | undefined>(undefined);
    const day = new Loaded(() => taken(api.GET('/api/day', { params: { query: { spray, plant } } })));
    undo.followedBy(day);
    /** Asked for once somebody opens it. */
    let free = $state<Loaded<Schemas['FreeDays']> | null>(null);

    /** As calendar programs subscribe to it. */
    const webcal = (feed: string): string => `webcal://${location.host}${feed}`;
</script>

{#snippet daysYouHave()}
    <details ontoggle={() => (free ??= new Loaded(() => taken(api.GET('/api/free-days'))))}>
        <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('day/day.days-you-have')}</summary>
        {#if free !== null}
            {@const asked = free}
            <Waiting of={asked}>
                {#snippet children(days)}
                    {#key days.version}<FreeDays
                            free={days}
                            onkept={() => {
                                void asked.reload();
                                void day.reload();
                            }}
                        />{/key}
                {/snippet}
            </Waiting>
        {/if}
    </details>
{/snippet}

<Head title={say('day/day.spray-day')}>
    {#if day.value !== null}
        <label class="flex flex-wrap items-center gap-2"
            ><span class="font-bold">{say('day/day.spray')}</span><select
                class="select w-auto max-w-72"
                value={day.value.spray.key}
                onchange={(event) => {
                    spray = event.currentTarget.value;
                    void day.reload();
                }}
                >{#each day.value.sprays as one (one.key)}<option value={one.key}>{one.name}</option>{/each}</select
            ></label
        >
    {/if}
</Head>
<Waiting of={day}>
    {#snippet children(all)}
        {@const zone = all.garden?.zone ?? 'UTC'}
        {@const first = soonest(all.plants)}
        {#if all.garden === null}
            <p class="mb-3 max-w-prose">{say('day/day.where-does-your-garden-lie')}</p>
            <GardenForm garden={null} onkept={() => void day.reload()} />
            <div class="mt-4">{@render daysYouHave()}</div>
        {:else if all.plants.length === 0}
            <Empty text={say('day/day.no-plant-known-here-yet')} to="/plants" action={say('day/day.go-to-plants')} />
        {:else}
            <p class="mb-1 text-xl" data-best>
                {#if all.tellers.length === 0}<strong>{say('day/day.no-weather-known-for-these')}</strong>
                    {say('day/day.say-below-whom-to-ask')}{:else if first === null}<strong>{say('day/day.no-hour-of-this-week')}</strong>
                    {say('day/day.for', { name: all.spray.name })}{:else}{say('day/day.best-next')}
                    <strong>{untilDark(first.window, zone)}</strong>, {first.plant}.{/if}
            </p>
            {#if all.tellers.length > 0}<div class="grid gap-x-8 gap-y-4 lg:grid-cols-[5fr_6fr]">
                    <PlantHours
                        plants={all.plants}
                        shown={all.grid?.plantId ?? null}
                        own={all.spray.key === 'own'}
                        now={all.now}
                        {zone}
                        onshow={(id) => {
                            plant = id;
                            void day.reload();
                        }}
                    />
                    {#if all.grid !== null}<HourGrid grid={all.grid} {zone} />{/if}
                </div>{/if}
            <section class="dish no-print mt-6 grid gap-4" aria-label={say('day/day.weather')}>
                <p class="quiet text-sm">
                    {#if all.tellers.length > 0}{say('day/day.weather-from', {
                            tellers: all.tellers.map((one) => one.name).join(', then '),
                        })}{/if}
                    {#if all.sun?.rise && all.sun.set}{say('day/day.sun-to', {
                            rise: clock(all.sun.rise, zone),
                            set: clock(all.sun.set, zone),
                        })}{/if}
                </p>
                <DoorForm ontold={() => void day.reload()} />
                <p class="flex flex-wrap items-center gap-x-4" data-calendar>
                    <span class="font-bold">{say('day/day.everything-due-in-your-calendar')}</span>
                    <a class="link inline-flex min-h-11 items-center" href={all.garden.feed} download="garden-sprays.ics"
                        >{say('day/day.download')}</a
                    >
                    <a class="link inline-flex min-h-11 items-center" href={webcal(all.garden.feed)}>{say('day/day.subscribe-to')}</a>
                </p>
                {@render daysYouHave()}
                <details>
                    <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('day/day.place-and-where-weather-comes')}</summary>
                    <div class="grid gap-4">
                        {#key all.garden.version}<GardenForm garden={all.garden} onkept={() => void day.reload()} />{/key}
                        <WeatherFile onread={() => void day.reload()} />
                    </div>
                </details>
            </section>
        {/if}
    {/snippet}
</Waiting>
