<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { dayOf, weekdayName } from './weekdays';
    import FormFoot from '../../parts/FormFoot.svelte';

    interface Props {
        free: Schemas['FreeDays'];
        onkept: () => void;
    }
    const { free, onkept }: Props = $props();
    const WEEK = [1, 2, 3, 4, 5, 6, 7];
    const was = untrack(() => free);
    /** Times away are kept apart as they are typed: first and last day. */
    const form = new Form(`free-days-${was.version}`, {
        weekdays: was.weekdays.map(String),
        away: was.away.map((one) => `${one.from}/${one.until}`),
        from: '',
        until: '',
    });
    const typed = $derived(form.values.from === '' ? null : `${form.values.from}/${form.values.until || form.values.from}`);
    const ends = (one: string): [string, string] => {
        const [from = '', until = ''] = one.split('/');
        return [from, until];
    };

    function turn(day: number, isFree: boolean): void {
        const others = form.values.weekdays.filter((one) => one !== String(day));
        form.values.weekdays = isFree ? [...others, String(day)].sort() : others;
    }

    function add(): void {
        if (typed !== null) {
            form.values.away = [...form.values.away.filter((one) => one !== typed), typed].sort();
            form.values.from = form.values.until = '';
        }
    }

    async function keep(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        add();
        const away = form.values.away.map((one) => {
            const [from, until] = ends(one);
            return { from, until };
        });
        const kept = await form.send((_, basedOn) =>
            taken(
                api.PUT('/api/free-days', {
                    body: { basedOn: basedOn(was.version), weekdays: form.values.weekdays.map(Number), away },
                }),
            ),
        );
        if (kept !== null) {
            form.clear();
            onkept();
        }
    }
</script>

<form class="grid gap-4" onsubmit={keep} data-free-days>
    <fieldset class="grid gap-1">
        <legend class="font-bold">{say('day/free-days.weekdays')}</legend>
        <div class="flex flex-wrap gap-2">
            {#each WEEK as day (day)}<label class="border-base-300 flex min-h-12 items-center gap-2 rounded border px-3"
                    ><input
                        type="checkbox"
                        class="checkbox checkbox-primary"
                        name={`weekday-${day}`}
                        checked={form.values.weekdays.includes(String(day))}
                        onchange={(event) => turn(day, event.currentTarget.checked)}
                    />{weekdayName(day)}</label
                >{/each}
        </div>
        {#if form.values.weekdays.length === 0}<p class="quiet text-sm">{say('day/free-days.none-is-all')}</p>{/if}
    </fieldset>
    <fieldset class="grid gap-2">
        <legend class="font-bold">{say('day/free-days.away')}</legend>
        <ul class="grid gap-1">
            {#each form.values.away as one (one)}
                {@const [from, until] = ends(one)}
                {@const words = from === until ? dayOf(from) : say('day/free-days.from-to', { from: dayOf(from), until: dayOf(until) })}
                <li class="flex flex-wrap items-center gap-x-4">
                    <span>{words}</span><button
                        type="button"
                        class="link min-h-11"
                        aria-label={say('day/free-days.not-away', { words })}
                        onclick={() => (form.values.away = form.values.away.filter((other) => other !== one))}
                        >{say('day/free-days.remove')}</button
                    >
                </li>
            {/each}
        </ul>
        <div class="flex flex-wrap gap-3">
            <label class="grid gap-1"
                ><span>{say('day/free-days.first-day')}</span><input
                    name="from"
                    type="date"
                    class="input"
                    bind:value={form.values.from}
                /></label
            >
            <label class="grid gap-1"
                ><span>{say('day/free-days.last-day')}</span><input
                    name="until"
                    type="date"
                    class="input"
                    min={form.values.from}
                    bind:value={form.values.until}
                /></label
            >
            <button type="button" class="btn self-end" disabled={typed === null} onclick={add}>{say('day/free-days.add')}</button>
        </div>
    </fieldset>
    <p class="quiet text-sm">{say('day/free-days.what-it-does')}</p>
    <FormFoot {form} send={() => void keep()} />
    <button class="btn btn-primary" disabled={form.held}>{say('day/free-days.keep')}</button>
</form>
