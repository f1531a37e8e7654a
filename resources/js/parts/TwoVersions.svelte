<script lang="ts">
    import type { Fault } from '../lib/fault';
    import { told } from '../lib/time';
    import LevelMark from './LevelMark.svelte';

    interface Props {
        fault: Fault;
        /** What is here is to hold. */
        mine?: () => void;
        /** What is here is something else, and is saved as well. */
        another?: () => void;
        /** What is saved stays, and what is here is let go. */
        leave: () => void;
    }
    const { fault, mine, another, leave }: Props = $props();
    const fields = $derived(fault.conflict?.fields ?? []);
    /** The screen of what was saved, where it has one. */
    const there = $derived(
        fault.conflict !== null && ['cases', 'batches', 'leaf-tests'].includes(fault.conflict.kind)
            ? `/${fault.conflict.kind}/${fault.conflict.id}`
            : null,
    );
</script>

<div role="alert" class="border-warning my-3 grid gap-2 border-l-8 py-2 pl-3" data-conflict>
    <div class="flex items-start gap-2">
        <LevelMark level="caution" silent />
        <p class="font-bold">{fault.message}</p>
    </div>
    {#if fields.length > 0}
        <table class="w-full text-left">
            <thead
                ><tr
                    ><td></td><th scope="col" class="pr-3">{say('parts/two-versions.saved')}</th><th scope="col"
                        >{say('parts/two-versions.yours')}</th
                    ></tr
                ></thead
            >
            <tbody>
                {#each fields as field (field.name)}
                    <tr class="border-base-300 border-t-2 align-top"
                        ><th scope="row" class="py-1 pr-3 font-normal">{field.name}</th><td class="py-1 pr-3 font-bold"
                            >{told(field.saved)}</td
                        ><td class="py-1 font-bold">{told(field.sent)}</td></tr
                    >
                {/each}
            </tbody>
        </table>
    {/if}
    <div class="flex flex-wrap gap-2">
        {#if fault.isSavedBefore}
            {#if there !== null}<a class="btn" href={there}>{say('parts/two-versions.go-to-what-saved')}</a>{:else}<button
                    type="button"
                    class="btn"
                    onclick={leave}>{say('parts/two-versions.keep-what-saved')}</button
                >{/if}
            {#if another}<button type="button" class="btn" onclick={another}>{say('parts/two-versions.save-yours-as-well')}</button>{/if}
        {:else}
            <button type="button" class="btn" onclick={leave}>{say('parts/two-versions.keep-what-saved')}</button>
            {#if mine}<button type="button" class="btn" onclick={mine}>{say('parts/two-versions.put-yours-in-its-place')}</button>{/if}
        {/if}
    </div>
</div>
