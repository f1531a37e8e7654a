<script lang="ts" generics="T extends { id: number; key: string; version: number; name: string; retired: boolean }">
    import Ellipsis from '@lucide/svelte/icons/ellipsis';
    import type { Snippet } from 'svelte';
    import { api, taken } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import History from '../../parts/History.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';

    interface Props {
        path: 'sprayers' | 'measures';
        things: T[];
        /** What is said of one beside its name. */
        about: (thing: T) => string;
        none: string;
        /** A screen of its own, where things have one. */
        to?: (thing: T) => string;
        /** The form that corrects one, where there is no such screen. */
        form?: Snippet<[T, () => void]>;
        onchange: () => void;
    }
    const { path, things, about, none, to, form, onchange }: Props = $props();
    const sending = new Sending();
    let open = $state(0);
    /** As many as are shown at first. */
    const FEW = { sprayers: 4, measures: 3 };
    let many = $state(false);
    /** Whose acts are shown. */
    let menu = $state(0);

    let last = $state.raw<T | null>(null);

    async function retire(thing: T): Promise<void> {
        last = thing;
        const saved = await sending.send((_, basedOn) =>
            taken(
                api.PUT(`/api/${path}/{id}/retired`, {
                    params: { path: { id: thing.key } },
                    body: { basedOn: basedOn(thing.version), retired: !thing.retired },
                }),
            ),
        );
        if (saved !== null) {
            undo.changed(
                path,
                saved,
                thing.name,
                say('shed/things.is', {
                    name: thing.name,
                    retired: thing.retired ? say('shed/things.taken-out-again') : say('shed/things.put-away'),
                }),
            );
            onchange();
        }
    }

    function corrected(): void {
        open = 0;
        onchange();
    }
</script>

<FormFoot form={sending} send={() => void (last === null ? null : retire(last))} />
{#if things.length === 0}<p class="quiet">{none}</p>{/if}
<ul class="divide-base-300 divide-y-2">
    {#each many ? things : things.slice(0, FEW[path]) as thing (thing.id)}
        <li>
            <div class="flex flex-wrap items-center gap-x-3">
                <span class={['min-w-40 flex-1', thing.retired && 'line-through']}
                    ><strong>{thing.name}</strong>{#if about(thing)}<span class="quiet">, {about(thing)}</span>{/if}</span
                >
                <button
                    class="btn btn-ghost btn-square"
                    aria-expanded={menu === thing.id}
                    aria-label={say('shed/things.more', { name: thing.name })}
                    onclick={() => (menu = menu === thing.id ? 0 : thing.id)}><Ellipsis size={22} aria-hidden="true" /></button
                >
            </div>
            {#if menu === thing.id}
                <span class="flex flex-wrap"
                    >{#if to}<a class="btn btn-ghost" href={to(thing)} aria-label={say('shed/things.change', { name: thing.name })}
                            >{say('shed/things.change-2')}</a
                        >{/if}
                    {#if form}<button
                            class="btn btn-ghost"
                            aria-expanded={open === thing.id}
                            aria-label={say('shed/things.change', { name: thing.name })}
                            onclick={() => (open = open === thing.id ? 0 : thing.id)}>{say('shed/things.change-2')}</button
                        >{/if}
                    <button
                        class="btn btn-ghost"
                        onclick={() => void retire(thing)}
                        aria-label={`${thing.retired ? say('shed/things.take-out-again') : say('shed/things.put-away-2')}: ${thing.name}`}
                        >{thing.retired ? say('shed/things.take-out') : say('shed/things.put-away-2')}</button
                    ></span
                >
            {/if}
            {#if form && open === thing.id}
                <div class="border-base-300 mb-3 border-l-4 pl-3">
                    {#key JSON.stringify(thing)}{@render form(thing, corrected)}{/key}
                    <History kind={path} id={thing.id} />
                    <TakeBack kind={path} of={thing} what={thing.name} />
                </div>
            {/if}
        </li>
    {/each}
</ul>
{#if !many && things.length > FEW[path]}<button class="btn" onclick={() => (many = true)}
        >{say('shed/things.all', { many: things.length })}</button
    >{/if}
