<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { onDay } from '../../lib/time';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { navigate } from '../../routes';

    interface Props {
        plant: Schemas['Plant'];
        cases: Schemas['CaseBrief'][];
        pests: Schemas['Catalogue']['pests'];
    }
    const { plant, cases, pests }: Props = $props();
    const form = untrack(() => new Form(`case-on-${plant.key}`, { pest: '', notes: '' }));
    const open = $derived(cases.filter((one) => one.closedAt === null));
    const closed = $derived(cases.filter((one) => one.closedAt !== null));

    async function begin(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const made = await form.send((submission) =>
            taken(api.POST('/api/cases', { body: { submission, plantId: plant.id, ...form.values } })),
        );
        if (made !== null) {
            form.clear();
            void navigate('/cases/:id', { params: { id: String(made.id) } });
        }
    }
</script>

<section class="dish" aria-label={say('plants/on-it.what-on')}>
    <h2>{say('plants/on-it.what-on')}</h2>
    {#if open.length === 0}<p class="quiet">{say('plants/on-it.nothing-that-known-of')}</p>{/if}
    <ul>
        {#each open as one (one.id)}<li class="border-base-300 border-b">
                <a class="flex min-h-12 flex-wrap items-baseline gap-x-3 py-2" href={`/cases/${one.id}`}
                    ><strong class="text-lg">{one.pestName}</strong><span class="quiet"
                        >{say('plants/on-it.since', {
                            openedAt: onDay(one.openedAt),
                            roundCount:
                                one.roundCount === 0
                                    ? say('plants/on-it.not-sprayed-yet')
                                    : `${one.roundCount} ${one.roundCount === 1 ? 'round' : 'rounds'}`,
                            latestCount:
                                one.latestCount === null
                                    ? say('plants/on-it.not-counted-yet')
                                    : say('plants/on-it.last', { latestCount: one.latestCount, counted: one.counted }),
                        })}</span
                    ></a
                >
            </li>{/each}
    </ul>
    <details class="no-print">
        <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('plants/on-it.something-else-on')}</summary>
        <form class="grid gap-3 pb-3" onsubmit={begin}>
            <label class="grid gap-1"
                ><span class="font-bold">{say('plants/on-it.what-on')}</span><select
                    name="pest"
                    class="select w-full"
                    bind:value={form.values.pest}
                    required
                >
                    <option value="" disabled>{say('plants/on-it.choose-pest')}</option>
                    {#each pests as one (one.slug)}<option value={one.slug}>{one.name}</option>{/each}
                </select></label
            >
            <label class="grid gap-1"
                ><span class="font-bold">{say('plants/on-it.notes')}</span><textarea
                    name="notes"
                    class="textarea w-full"
                    rows="2"
                    maxlength="4000"
                    bind:value={form.values.notes}></textarea></label
            >
            <FormFoot {form} send={() => void begin()} />
            <div class="flex flex-wrap gap-2">
                <button class="btn btn-primary" disabled={form.held || form.values.pest === ''}>{say('plants/on-it.open-case')}</button>
                <a class="btn" href={`/look?plant=${plant.id}`}>{say('plants/on-it.find-out-what')}</a>
            </div>
        </form>
    </details>
    {#if closed.length > 0}
        <details>
            <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('plants/on-it.over', { closed: closed.length })}</summary>
            <ul>
                {#each closed as one (one.id)}<li>
                        <a class="inline-flex min-h-11 items-center gap-x-3" href={`/cases/${one.id}`}
                            ><span class="link">{one.pestName}</span>
                            <span class="quiet"
                                >{say('plants/on-it.closed', {
                                    closedAt: onDay(one.closedAt ?? one.openedAt),
                                    conclusion: one.conclusion,
                                })}</span
                            ></a
                        >
                    </li>{/each}
            </ul>
        </details>
    {/if}
</section>
