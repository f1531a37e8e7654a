<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    interface Thing {
        id: number;
        name: string;
        about: string;
        retired: boolean;
        /** A screen of its own, where it has one. */
        to?: string;
    }
    interface Props {
        path: 'plants' | 'sprayers' | 'measures';
        things: Thing[];
        none: string;
        onchange: () => void;
    }
    const { path, things, none, onchange }: Props = $props();
    const sending = new Sending();

    async function retire(thing: Thing): Promise<void> {
        const saved = await sending.send(() =>
            taken(api.PUT(`/api/${path}/{id}/retired`, { params: { path: { id: thing.id } }, body: { retired: !thing.retired } })),
        );
        if (saved !== null) {
            onchange();
        }
    }
</script>

<FaultNote fault={sending.fault} />
{#if things.length === 0}<p class="quiet">{none}</p>{/if}
<ul class="divide-base-300 divide-y-2">
    {#each things as thing (thing.id)}
        <li class="flex items-center gap-3 py-1">
            <span class={['min-w-0 flex-1', thing.retired && 'line-through']}
                ><strong>{thing.name}</strong>{#if thing.about}<span class="quiet">, {thing.about}</span>{/if}</span
            >
            {#if thing.to}<a class="btn btn-ghost" href={thing.to} aria-label={`Fill marks of ${thing.name}`}>Fill marks</a>{/if}
            <button
                class="btn btn-ghost"
                onclick={() => void retire(thing)}
                aria-label={`${thing.retired ? 'Take out again' : 'Put away'}: ${thing.name}`}
                >{thing.retired ? 'Take out' : 'Put away'}</button
            >
        </li>
    {/each}
</ul>
