<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { atTime } from '../../lib/time';
    import FaultNote from '../../parts/FaultNote.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
    const sending = new Sending();

    /** The first of them are the urgent ones. */
    const SHOWN = 2;
    let all = $state(false);
    const todo = $derived(one.containment.filter((each) => !each.done));
    const done = $derived(one.containment.filter((each) => each.done));
    const rest = $derived(one.containment.length - Math.min(SHOWN, todo.length));

    async function keep(how: () => Promise<Schemas['Case']>): Promise<void> {
        const saved = await sending.send(how);
        if (saved !== null) {
            onsaved(saved);
        }
    }
    const step = (slug: string, done: boolean): Promise<void> =>
        keep(() => taken(api.PUT('/api/cases/{id}/steps/{step}', { params: { path: { id: one.key, step: slug } }, body: { done } })));
    const look = (plant: string, looked: boolean): Promise<void> =>
        keep(() => taken(api.PUT('/api/cases/{id}/neighbours/{plant}', { params: { path: { id: one.key, plant } }, body: { looked } })));
</script>

<section class="dish grid gap-2" aria-label={say('choose/contain.contain-first')}>
    <h2>{say('choose/contain.contain-first')}</h2>
    <FaultNote fault={sending.fault} />
    {#if todo.length === 0 && one.watches.every((watch) => watch.cleared)}<p class="quiet">{say('choose/contain.done')}</p>{/if}
    {#each all ? [...todo, ...done] : todo.slice(0, SHOWN) as each (each.slug)}
        <label class="flex min-h-11 items-center gap-3">
            <input
                type="checkbox"
                class="checkbox checkbox-primary"
                checked={each.done}
                onchange={(event) => void step(each.slug, event.currentTarget.checked)}
            />
            <span class={[each.done && 'line-through']}
                >{each.words}{#if each.dueAt !== one.openedAt}<span class="quiet block text-sm">{atTime(each.dueAt)}</span>{/if}</span
            >
        </label>
    {/each}
    {#if !all && rest > 0}<button class="link min-h-11 justify-self-start" onclick={() => (all = true)}
            >{say('choose/contain.more', { rest })}</button
        >{/if}
    {#if one.watches.length > 0}
        <details>
            <summary class="min-h-11 cursor-pointer py-2 font-bold"
                >{say('choose/contain.stood-next-to-to-look', { watches: one.watches.filter((watch) => !watch.cleared).length })}</summary
            >
            {#each one.watches as watch (watch.id)}
                <label class="flex min-h-11 items-center gap-3">
                    <input
                        type="checkbox"
                        class="checkbox checkbox-primary"
                        checked={watch.cleared}
                        onchange={(event) => void look(watch.plant.key, event.currentTarget.checked)}
                    />
                    <span class={[watch.cleared && 'line-through']}
                        >{watch.plant.name}<span class="quiet block text-sm"
                            >{watch.cleared
                                ? say('choose/contain.four-clean-weeks')
                                : say('choose/contain.next-look', {
                                      lookedAt: watch.lookedAt
                                          ? say('choose/contain.looked-over-and-clean', { lookedAt: atTime(watch.lookedAt) })
                                          : '',
                                      dueAt: atTime(watch.dueAt),
                                  })}</span
                        ></span
                    >
                </label>
            {/each}
        </details>
    {/if}
</section>
